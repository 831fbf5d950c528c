package baylantern.app.platform;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import baylantern.core.rules.FigureName;
import baylantern.core.rules.OwnFigures;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

/** The words of the command line, as far as they are right; wrong ones end the program and are tried end to end. */
class StartOptionsTest {

    private static final OwnFigures NONE = new OwnFigures() {

        @Override
        public @Nullable Double of(String of, String key) {
            return null;
        }

        @Override
        public Map<String, Double> ofAll() {
            return Map.of();
        }
    };

    @Test
    void withoutWordsTheFarmAtHomeIsServed() {
        StartOptions options = StartOptions.parse();
        assertThat(options.command()).isEqualTo("serve");
        assertThat(options.port()).isEqualTo(8085);
        assertThat(options.data()).isEqualTo(Path.of(System.getProperty("user.home"), "bay-lantern-farm"));
        assertThat(options.flags()).isEmpty();
        assertThat(options.file()).isNull();
    }

    @Test
    void everyWordFindsItsPlaceInAnyOrder() {
        StartOptions options = StartOptions.parse(
                "--json", "import", "--data", "/tmp/x/../farm", "old.csv", "--dry-run", "--port", "0");
        assertThat(options.command()).isEqualTo("import");
        assertThat(options.file()).isEqualTo(Path.of("old.csv"));
        assertThat(options.data()).isEqualTo(Path.of("/tmp/farm"));
        assertThat(options.port()).isZero();
        assertThat(options.flags()).containsExactlyInAnyOrder("json", "dry-run");
    }

    @Test
    void eachCommitReachesTheFileBeforeItIsAcknowledged() {
        StartOptions options = StartOptions.parse("--data", "/tmp/farm", "--demo");
        assertThat(options.url()).startsWith("jdbc:h2:file:/tmp/farm/farm;").contains("WRITE_DELAY=0");
        assertThat(options.springArguments())
                .contains("--lantern.demo=true", "--server.port=8085", "--lantern.data=/tmp/farm")
                .anyMatch(argument -> argument.equals("--spring.datasource.url=" + options.url()));
    }

    @Test
    void howFinelyIsReckonedIsANumberTheFarmCanReckonWith() {
        for (String word : List.of("many", "20", "501", "60.5", "-60", "99999999999", "")) {
            assertThatThrownBy(() -> SaidAtStart.read(Map.of("lantern.weather-runs", word)::get))
                    .hasMessage("lantern.weather-runs is \"" + word + "\"; it must be a whole number from 50 to 500.");
        }
        assertThatThrownBy(() -> SaidAtStart.read(Map.of("lantern.past-looks", "5")::get))
                .hasMessage("lantern.past-looks is \"5\"; it must be a whole number from 20 to 400.");
        assertThat(SaidAtStart.read(name -> null).figures()).isEmpty();
        Map<String, String> said = Map.of("lantern.weather-runs", "60", "lantern.past-looks", "0");
        OwnFigures before = SaidAtStart.read(said::get).before(NONE);
        assertThat(before.of("", FigureName.WEATHER_RUNS.key())).isEqualTo(60);
        assertThat(before.of("", FigureName.PAST_LOOKS.key())).isNull();
    }
}
