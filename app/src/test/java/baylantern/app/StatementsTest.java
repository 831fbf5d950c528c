package baylantern.app;

import static org.assertj.core.api.Assertions.assertThat;

import baylantern.app.platform.TableVault;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Reads every mapper's statements: a feature's tables are its own, others read the views it publishes. */
class StatementsTest {

    private static final Path MAPPERS = Path.of("src/main/resources/baylantern/app");
    private static final Map<String, String> PREFIX = Map.of("platform", "house");
    private static final Pattern TABLE = Pattern.compile("\\b(?:FROM|JOIN|INTO|UPDATE)\\s+([a-z]+_[a-z_]+)");
    private static final Pattern SAID =
            Pattern.compile("<(select|update|delete)[^>]*>\\s*/\\* facts?: ([A-Z_ ]+)\\*/(.*?)</\\1>", Pattern.DOTALL);

    private static List<Path> mappers() throws IOException {
        try (Stream<Path> files = Files.walk(MAPPERS)) {
            return files.filter(f -> f.toString().endsWith("Mapper.xml"))
                    .sorted()
                    .toList();
        }
    }

    @Test
    void tablesOfAnotherFeatureAreReadThroughItsViews() throws IOException {
        List<String> strays = new ArrayList<>();
        int references = 0;
        for (Path mapper : mappers()) {
            String feature = mapper.getParent().getFileName().toString();
            String own = PREFIX.getOrDefault(feature, feature) + "_";
            Matcher table = TABLE.matcher(Files.readString(mapper));
            while (table.find()) {
                references++;
                if (!table.group(1).startsWith(own) && !table.group(1).endsWith("_view")) {
                    strays.add(mapper.getFileName() + ": " + table.group(1));
                }
            }
        }
        assertThat(references).isGreaterThan(200);
        assertThat(strays).isEmpty();
    }

    @Test
    void everyTableIsHeldByAFact() throws IOException {
        List<String> made = new ArrayList<>();
        try (Stream<Path> files = Files.list(Path.of("src/main/resources/db/migration"))) {
            for (Path file : files.sorted().toList()) {
                String sql = Files.readString(file);
                Pattern.compile("CREATE TABLE ([a-z_]+)")
                        .matcher(sql)
                        .results()
                        .map(r -> r.group(1))
                        .forEach(made::add);
                Pattern.compile("ALTER TABLE ([a-z_]+) RENAME TO ([a-z_]+)")
                        .matcher(sql)
                        .results()
                        .forEach(r -> made.set(made.indexOf(r.group(1)), r.group(2)));
            }
        }
        made.remove("house_request");
        made.remove("house_pen");
        made.remove("house_farm");
        // Who is let in on which device belongs to the house, not to the farm.
        made.removeIf(table -> table.startsWith("share_"));
        assertThat(TableVault.TABLES).containsExactlyInAnyOrderElementsOf(made);
    }

    // The store goes through such a list anew for each row it finds: of many, many times many.
    @Test
    void noListOfManyStandsWithinAnother() throws IOException {
        for (Path mapper : mappers()) {
            assertThat(Files.readString(mapper))
                    .as(mapper.toString())
                    .doesNotContainPattern("IN \\(SELECT[^()]*ANY\\(");
        }
    }

    // A statement that says its facts itself leaves out how grafts stand only where it does not look at it.
    @Test
    void whoSaysTheirFactsSaysThemRightly() throws IOException {
        int said = 0;
        for (Path mapper : mappers()) {
            for (MatchResult own :
                    SAID.matcher(Files.readString(mapper)).results().toList()) {
                said++;
                String sql = own.group(3);
                boolean looksAtStates = sql.matches("(?s).*\\b(state|outcome|last_look_on)\\b.*");
                assertThat(own.group(2).contains("GRAFT_STATES"))
                        .as(mapper.getFileName() + ": " + sql.strip())
                        .isEqualTo(looksAtStates);
            }
        }
        assertThat(said).isGreaterThanOrEqualTo(4);
    }
}
