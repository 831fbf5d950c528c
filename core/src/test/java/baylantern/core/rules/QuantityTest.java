package baylantern.core.rules;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Measures within sentences, told in each reader's units. */
class QuantityTest {

    private static final Pattern WRITTEN = Pattern.compile("\"(?:[^\"\\\\]|\\\\.)*\"");

    /** An inch is 25.4 mm, a fluid ounce 29.5735 ml, water freezes at 32 °F; by hand. */
    @ParameterizedTest
    @CsvSource({
        "mm C ml,      a stock of 7.94 mm at 21.5 °C with 500 ml",
        "inch F floz,  a stock of 5/16 in at 71 °F with 16.91 fl oz",
        "decimal C,    a stock of 0.313 in at 21.5 °C with 500 ml",
        "F,            a stock of 7.94 mm at 71 °F with 500 ml",
        "'ell, sun',   a stock of 7.94 mm at 21.5 °C with 500 ml"
    })
    void oneSentenceIsToldInEveryUnit(String units, String told) {
        String sentence =
                "a stock of " + Quantity.mm(7.94) + " at " + Quantity.celsius(21.5) + " with " + Quantity.ml(500);
        assertThat(Quantity.told(sentence, Units.parse(units))).isEqualTo(told);
    }

    @ParameterizedTest
    @CsvSource({
        "25.4, 1 in",
        "12.7, 1/2 in",
        "34.925, 1 3/8 in",
        "0.5, less than 1/16 in",
        "0, 0 in",
        "-25.4, −1 in",
        "2540, 100 in"
    })
    void fractionsAreReducedAndNothingThatIsThereIsToldAsNought(double mm, String told) {
        assertThat(Quantity.told(Quantity.mm(mm), Units.parse("inch"))).isEqualTo(told);
    }

    /** A mile is 1609.344 m: 10 m/s are 36 km/h and 22.37 mph; by hand. */
    @ParameterizedTest
    @CsvSource({"ms, 10 m/s", "kmh, 36 km/h", "mph, 22 mph", "'inch mph F', 22 mph", "'', 10 m/s"})
    void windIsToldAsTheReaderReadsIt(String units, String told) {
        assertThat(Quantity.told(Quantity.of(10, "m/s"), Units.parse(units))).isEqualTo(told);
        assertThat(Quantity.told(Quantity.fixed("is from 0 to 10 m/s"), Units.parse(units)))
                .isEqualTo("is from 0 to " + told);
    }

    @Test
    void rangesAndFixedSentencesAreTold() {
        Units inches = Units.parse("inch F");
        assertThat(Quantity.told(Quantity.mm(12.7, 25.4), inches)).isEqualTo("1/2 to 1 in");
        assertThat(Quantity.told(Quantity.mm(1, 2), inches)).isEqualTo("about 1/16 in");
        assertThat(Quantity.told(Quantity.fixed("is from −30 to 45 °C"), inches))
                .isEqualTo("is from -22 to 113 °F");
        assertThat(Quantity.told(Quantity.fixed("is from 0 to 10 °C apart"), inches))
                .isEqualTo("is from 0 to 18 °F");
        assertThat(Quantity.plain(Quantity.fixed("above 100 mm, in 21 days"))).isEqualTo("above 100 mm, in 21 days");
        assertThat(Quantity.told(Quantity.part(26, 49, "mm"), inches)).isEqualTo("1 of 1 15/16 in");
        assertThat(Quantity.told(Quantity.part(322.58, 645.16, "mm²"), inches)).isEqualTo("0.500 of 1.000 in²");
        assertThat(Quantity.of(3, "healing days")).isEqualTo("3 healing days");
        assertThat(Quantity.told("12.7 mm, as the grower wrote it", inches))
                .isEqualTo("12.7 mm, as the grower wrote it");
    }

    /** A unit written behind a number anywhere else would not follow the device. */
    @Test
    void onlyQuantitiesWriteUnitsIntoSentences() throws IOException {
        List<String> found;
        try (Stream<Path> core = Files.walk(Path.of("src/main/java"));
                Stream<Path> app = Files.walk(Path.of("../app/src/main/java"))) {
            found = Stream.concat(core, app)
                    .filter(file -> file.toString().endsWith(".java"))
                    .filter(file -> !file.endsWith("Quantity.java") && !file.endsWith("Units.java"))
                    .flatMap(QuantityTest::lines)
                    .filter(line -> WRITTEN.matcher(line)
                            .results()
                            .anyMatch(said -> said.group().matches(".*(\\d| |%s)(mm|°C|ml)(?![\\w²]).*")))
                    // The heading of a column and the name of a unit are no measures.
                    .filter(line -> !line.contains("in °C or °F"))
                    // What is refused by its form is marked where it is told.
                    .filter(line -> !line.matches(".*message = \"is [^\"]*\".*"))
                    .toList();
        }
        assertThat(found).isEmpty();
    }

    private static Stream<String> lines(Path file) {
        try {
            return Files.readAllLines(file).stream().map(line -> file.getFileName() + ": " + line.strip());
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }
}
