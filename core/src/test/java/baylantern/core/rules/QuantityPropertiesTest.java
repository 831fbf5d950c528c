package baylantern.core.rules;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.StringLength;

/** Whatever is measured, and whatever stands around it. */
class QuantityPropertiesTest {

    private static final Pattern INCHES = Pattern.compile("(?:(\\d+) )?(?:(\\d+)/(\\d+) )?in");

    /** Read back, a fraction lies within half a sixteenth of the truth, and is reduced. */
    @Property(tries = 300)
    void aFractionIsTheNearestSixteenth(@ForAll @DoubleRange(min = 1, max = 3000) double mm) {
        String told = Quantity.told(Quantity.mm(mm), Units.parse("inch"));
        Matcher m = INCHES.matcher(told);
        assertThat(m.matches()).as(told).isTrue();
        double whole = m.group(1) == null ? 0 : Double.parseDouble(m.group(1));
        double part = 0;
        if (m.group(2) != null) {
            int bottom = Integer.parseInt(m.group(3));
            assertThat(Integer.parseInt(m.group(2)) % 2).as("reduced: " + told).isEqualTo(1);
            assertThat(bottom).isIn(2, 4, 8, 16);
            part = Double.parseDouble(m.group(2)) / bottom;
        }
        assertThat((whole + part) * 25.4).isCloseTo(mm, within(25.4 / 32 + 0.006));
    }

    /** What stands around a measure stays as it is, also where it looks like one. */
    @Property(tries = 300)
    void whatAPersonWroteIsLeftAlone(
            @ForAll @StringLength(max = 40) String before, @ForAll @IntRange(min = 1, max = 900) int mm) {
        String typed = before.replace("\u2063", "") + " 12 mm, 30 °C";
        String sentence = typed + ": " + Quantity.mm(mm) + " is too thick";
        assertThat(Quantity.plain(sentence)).isEqualTo(typed + ": " + mm + " mm is too thick");
        assertThat(Quantity.told(sentence, Units.parse("decimal F floz")))
                .startsWith(typed + ": ")
                .endsWith(" in is too thick");
    }

    /** °F read back are within half a degree. */
    @Property(tries = 200)
    void warmthIsToldToTheDegree(@ForAll @DoubleRange(min = -40, max = 60) double celsius) {
        String told = Quantity.told(Quantity.celsius(celsius), Units.parse("F"));
        double fahrenheit = Double.parseDouble(told.replace(" °F", ""));
        assertThat((fahrenheit - 32) / 1.8).isCloseTo(celsius, within(0.5 / 1.8 + 0.006));
    }
}
