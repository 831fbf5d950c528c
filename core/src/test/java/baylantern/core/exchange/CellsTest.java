package baylantern.core.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import baylantern.core.exchange.phrase.PhraseWords;
import baylantern.core.exchange.phrase.ResultReader;
import baylantern.core.rules.Words;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Lengths, words, spellings, species and tables, each on their own. */
class CellsTest {

    private static final Words WORDS = Words.shipped();

    private static LengthReader bare(String... cells) {
        return new LengthReader(List.of(cells), Optional.empty());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "7.8 | 7.8",
                "7,8 | 7.8",
                "9mm | 9",
                "9 mm | 9",
                "~9 mm | 9",
                "0.9 cm | 9",
                "0.35\" | 8.89",
                "0.35 in | 8.89",
                "3/8 | 9.525",
                "3/8\" | 9.525",
                "1 1/4 in | 31.75",
                "½ | 12.7",
                "½\" | 12.7",
                "1½ in | 38.1",
                ".35 inch | 8.89"
            })
    void readsALengthInMillimetres(String written, double mm) {
        assertThat(bare("8.1", "9.4").mm(written).orElseThrow()).isEqualTo(mm, within(1e-9));
    }

    @ParameterizedTest
    @ValueSource(strings = {"thick", "", "9 x 8", "7.8.9", "3/0", "mm", "-"})
    void whatIsNoLengthIsLeftOut(String written) {
        assertThat(bare("8.1").mm(written)).isEmpty();
    }

    @Test
    void bareNumbersAreJudgedByTheirColumnAndTheChoiceWins() {
        assertThat(bare("0.30", "0.28", "9 mm").bareIsInches()).isTrue();
        assertThat(bare("8", "9", "0.3").bareIsInches()).isFalse();
        LengthReader chosen = new LengthReader(List.of("0.30"), Optional.of(false));
        assertThat(chosen.mm("0.30").orElseThrow()).isEqualTo(0.3);
    }

    @Property
    void inchesAndMillimetresAgree(@ForAll @DoubleRange(min = 0.1, max = 4) double inches) {
        String written = String.format(java.util.Locale.ROOT, "%.3f", inches);
        double asInches = bare("8").mm(written + "\"").orElseThrow();
        assertThat(asInches).isEqualTo(Double.parseDouble(written) * 25.4, within(0.001));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "techniques | W+T | whip-tongue",
                "techniques | Whip & Tongue | whip-tongue",
                "techniques | t-bud | t-bud",
                "techniques | Chip budding | chip",
                "techniques | top wedge | cleft",
                "techniques | side  veneer | veneer",
                "techniques | okulieren | t-bud",
                "species | Zitrone | citrus",
                "species | Avo | avocado",
                "species | HIGO | fig"
            })
    void wordsMeanWhatGrowersMean(String topic, String written, String meaning) {
        assertThat(WordBook.of(topic, WORDS, Map.of()).read(written).key()).isEqualTo(meaning);
    }

    @Test
    void aCorrectionWinsAndAnUnknownWordIsCounted() {
        WordBook book =
                WordBook.ofResults(new ResultReader(new PhraseWords(WORDS), ""), Map.of("Took", "DEAD", "maybe", ""));
        assertThat(book.read("took").key()).isEqualTo("DEAD");
        assertThat(book.read("maybe").key()).isNull();
        assertThat(book.read("grumbling").ask()).contains("grumbling");
        assertThat(book.read("Grumbling").key()).isNull();
        assertThat(book.guesses())
                .filteredOn(g -> g.word().equals("grumbling"))
                .singleElement()
                .satisfies(g -> {
                    assertThat(g.rows()).isEqualTo(2);
                    assertThat(g.meaning()).isNull();
                });
    }

    private static List<Spelling> proposals(String... cells) {
        Spellings spellings = new Spellings();
        List.of(cells).forEach(spellings::add);
        return spellings.proposals();
    }

    @Test
    void spellingsThatDifferInCaseSpacesOrAccentsAreOne() {
        assertThat(proposals("Señal Roja", "senal roja", "Señal  Roja", "Señal Roja"))
                .allSatisfy(s -> assertThat(s.likeness()).isEqualTo(Spelling.Likeness.SAME_LETTERS))
                .extracting(Spelling::to)
                .containsOnly("Señal Roja");
    }

    @Test
    void nearMissesMustBeRareLongAndWithTheSameDigits() {
        assertThat(proposals("Copper Anchor", "Copper Anchor", "Copper Anchor", "Coppr Anchor"))
                .singleElement()
                .satisfies(s -> assertThat(s.to()).isEqualTo("Copper Anchor"));
        assertThat(proposals("Pell", "Bell", "Pell", "Pell")).isEmpty();
        assertThat(proposals("Row 1", "Row 1", "Row 1", "Row 2")).isEmpty();
        assertThat(proposals("Copper Anchor", "Coppr Anchor")).isEmpty();
    }

    @Test
    void aLoneInitialIsProposedForTheOnlyNameItFits() {
        assertThat(proposals("M.", "Marit", "Jo")).singleElement().satisfies(s -> {
            assertThat(s.likeness()).isEqualTo(Spelling.Likeness.INITIAL);
            assertThat(s.likeness().mergedUnlessRefused()).isFalse();
        });
        assertThat(proposals("M.", "Marit", "Max")).isEmpty();
    }

    @Test
    void theSpeciesIsFoundByTheBestWitness() {
        SpeciesFinder finder = new SpeciesFinder(WORDS, Map.of("Chosen", "fig"), Map.of("Known", "guava"));
        finder.learn("Elsewhere", "MA12", "mango");
        assertThat(finder.find("chosen", "MA9")).contains("fig");
        assertThat(finder.find("ELSEWHERE", "")).contains("mango");
        assertThat(finder.find("Known", "")).contains("guava");
        assertThat(finder.find("Green Lime", "")).contains("citrus");
        assertThat(finder.find("Stranger", "MA77")).contains("mango");
        assertThat(finder.find("Stranger", "7")).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Date grafted | MADE_ON",
                "Grafted on | MADE_ON",
                "Last look | SEEN_ON",
                "Scion diameter (mm) | SCION_MM",
                "Rootstock mm | STOCK_MM",
                "Cultivar | VARIETY",
                "Graft type | TECHNIQUE",
                "Ergebnis | RESULT",
                "Bemerkungen | NOTES",
                "Wer | MAKER",
                "Budwood | SOURCE",
                "Block | PLACE",
                "Pot no. | PLANT"
            })
    void headingsAreKnownByTheirWords(String heading, ColumnRole role) {
        assertThat(ColumnGuesser.byHeading(heading, WORDS)).contains(role);
    }

    @Test
    void quotesDelimitersAndTitlesDoNotMislead() {
        NotebookTable table = NotebookTable.of(
                "Notes of 2024, spring\n\ndate;variety;notes\n2024-04-01;\"A; B\";\"two\nlines\"\n", WORDS);
        assertThat(table.delimiter()).isEqualTo(';');
        assertThat(table.headings()).containsExactly("date", "variety", "notes");
        assertThat(table.lines())
                .singleElement()
                .satisfies(l -> assertThat(l.cell(1)).isEqualTo("A; B"));
        NotebookTable inches = NotebookTable.of("date,variety,size\n2024-04-01,A,3/8\"\n2024-04-02,B,1/2\"\n", WORDS);
        assertThat(inches.lines()).extracting(l -> l.cell(2)).containsExactly("3/8\"", "1/2\"");
    }

    @Test
    void encodingsAreSeenFromTheBytes() {
        String text = "date,variety\n2024-01-01,Señal\n";
        assertThat(NotebookText.decode(text.getBytes(StandardCharsets.UTF_8)).encoding())
                .isEqualTo("UTF-8");
        assertThat(NotebookText.decode(("\uFEFF" + text).getBytes(StandardCharsets.UTF_8))
                        .encoding())
                .isEqualTo("UTF-8 with mark");
        assertThat(NotebookText.decode(("\uFEFF" + text).getBytes(StandardCharsets.UTF_16LE))
                        .text())
                .isEqualTo(text);
        assertThat(NotebookText.decode(text.getBytes(StandardCharsets.ISO_8859_1))
                        .text())
                .isEqualTo(text);
    }

    @Property(tries = 100)
    void everyRowIsEitherTakenOrLeftOut(@ForAll @IntRange(min = 1, max = 80) int rows, @ForAll("words") String salt) {
        String text = "date,variety,kind,result\n"
                + IntStream.range(0, rows)
                        .mapToObj(i -> (i % 5 == 0 ? salt : "2024-01-" + (i % 40)) + "," + (i % 7 == 0 ? "" : "Buoy")
                                + ",fig," + (i % 3 == 0 ? salt : "took"))
                        .collect(Collectors.joining("\n"));
        NotebookReport report = new NotebookReader(WORDS)
                .read(
                        text.getBytes(StandardCharsets.UTF_8),
                        NotebookChoices.none(),
                        java.time.LocalDate.of(2026, 5, 14),
                        Map.of(),
                        r -> false);
        assertThat(report.grafts().size() + report.refusals().size()).isEqualTo(report.rowsRead());
    }

    @net.jqwik.api.Provide
    net.jqwik.api.Arbitrary<String> words() {
        return net.jqwik.api.Arbitraries.strings()
                .withCharRange('a', 'z')
                .withChars(" .?/-'")
                .ofMinLength(1)
                .ofMaxLength(12);
    }

    @Test
    void tooManyRowsAreRefusedWithTheLimit() {
        String text = "date,variety\n" + "2024-01-01,Buoy\n".repeat(NotebookTable.MOST_ROWS + 1);
        assertThatThrownBy(() -> NotebookTable.of(text, WORDS))
                .isInstanceOf(NotebookRefused.class)
                .hasMessageContaining("200000");
    }
}
