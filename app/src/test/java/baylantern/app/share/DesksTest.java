package baylantern.app.share;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import baylantern.app.platform.FarmProblem;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.HashSet;
import java.util.Locale;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Codes that lie open and whoever was wrong, by a clock that goes as fast as the test. */
class DesksTest {

    private Instant now = Instant.parse("2026-05-14T08:00:00Z");
    private final Clock clock = new Clock() {
        @Override
        public ZoneId getZone() {
            return ZoneOffset.UTC;
        }

        @Override
        public Clock withZone(ZoneId zone) {
            return this;
        }

        @Override
        public Instant instant() {
            return now;
        }
    };
    private final Secrets secrets = new Secrets();
    private final PairingDesk codes = new PairingDesk(clock, secrets);
    private final WaitDesk waits = new WaitDesk(clock);

    private void later(Duration time) {
        now = now.plus(time);
    }

    @Test
    void aCodeIsForOneDeviceAndTenMinutesHoweverItIsTyped() {
        String code = codes.lay(7).code();
        assertThat(code).hasSize(8).matches("[" + Secrets.LETTERS + "]+");
        String typed = code.substring(0, 4).toLowerCase(Locale.ROOT) + "-" + code.substring(4) + " ";
        assertThat(codes.use(typed, "first-request").personId()).isEqualTo(7);
        // Its answer was lost and it is sent again; another device comes too late.
        assertThat(codes.use(typed, "first-request")).isNotNull();
        assertThat(codes.use(code, "other-request")).isNull();
        assertThat(codes.use(code, "")).isNull();
        String nameless = codes.lay(8).code();
        assertThat(codes.use(nameless, "")).isNotNull();
        assertThat(codes.use(nameless, "")).isNull();
        String second = codes.lay(7).code();
        String third = codes.lay(7).code();
        assertThat(codes.use(second, "a-request")).isNull();
        later(Duration.ofMinutes(10));
        assertThat(codes.use(third, "a-request")).isNull();
        codes.withdraw(7);
        Set<String> drawn = new HashSet<>();
        for (int i = 0; i < 500; i++) {
            drawn.add(secrets.code());
        }
        assertThat(drawn).hasSize(500);
    }

    @Test
    void fiftyWrongCodesOpenNothingAndVoidWhatLiesOpen() {
        String code = codes.lay(7).code();
        int voided = 0;
        for (int i = 0; i < 50; i++) {
            assertThat(codes.use("WRONG" + i, "request" + i)).isNull();
            voided += codes.voided() ? 1 : 0;
        }
        assertThat(voided).isEqualTo(1);
        assertThat(codes.use(code, "request")).isNull();
    }

    @Test
    void whoeverWasWrongWaitsLongerEachTimeAndBeginsAnewWhenRight() {
        Duration waited = Duration.ZERO;
        for (int i = 0; i < 50; i++) {
            waits.pass("address 10.0.0.9");
            waits.wrong("address 10.0.0.9");
            Duration wait = WaitDesk.waits(i + 1);
            if (!wait.isZero()) {
                later(wait.minusMillis(10));
                assertThatThrownBy(() -> waits.pass("address 10.0.0.9"))
                        .isInstanceOf(FarmProblem.class)
                        .hasMessage("Too many wrong tries. Try again in 1 s.");
                later(Duration.ofMillis(10));
            }
            waited = waited.plus(wait);
        }
        // Nobody tries 50 codes while one lies open for ten minutes.
        assertThat(waited).isGreaterThan(Duration.ofHours(3));
        assertThatCode(() -> waits.pass("address 10.0.0.10")).doesNotThrowAnyException();
        waits.wrong("address 10.0.0.9");
        waits.right("address 10.0.0.9");
        assertThatCode(() -> waits.pass("address 10.0.0.9")).doesNotThrowAnyException();
        waits.wrong("b");
        waits.wrong("b");
        waits.wrong("b");
        later(Duration.ofMinutes(61));
        waits.wrong("b");
        assertThatCode(() -> waits.pass("b")).doesNotThrowAnyException();
    }

    @Test
    void passphrasesAreKeptSoThatNobodyReadsThem() {
        String kept = secrets.kept("three green limbs");
        assertThat(kept)
                .startsWith("$argon2id$")
                .doesNotContain("green")
                .isNotEqualTo(secrets.kept("three green limbs"));
        assertThat(secrets.is("three green limbs", kept)).isTrue();
        assertThat(secrets.is("three green limb", kept)).isFalse();
        assertThat(secrets.is("nobody's", null)).isFalse();
        assertThat(Secrets.mark(secrets.token())).hasSize(64);
    }

    @Test
    void nobodysPassphraseIsAsSlowToCompareAsSomebodys() {
        String somebodys = secrets.kept("seven lanterns in the bay");
        assertThat(howSlow(Secrets.NOBODYS)).isEqualTo(howSlow(somebodys));
        assertThat(Secrets.NOBODYS).hasSameSizeAs(somebodys);
        assertThat(secrets.is("seven lanterns in the bay", somebodys)).isTrue();
        assertThat(secrets.is("seven lanterns in the bay", null)).isFalse();
    }

    // The way it is kept, its memory, rounds and lanes: what is drawn by chance comes after.
    private static String howSlow(String kept) {
        return kept.substring(0, kept.indexOf("p=") + 3);
    }
}
