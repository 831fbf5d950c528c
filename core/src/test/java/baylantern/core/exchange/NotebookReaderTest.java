package baylantern.core.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import baylantern.core.exchange.NotebookReport.Reason;
import baylantern.core.rules.Words;
import baylantern.core.take.TakeCount;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Notebooks in styles of their own, each written for what it tests. */
class NotebookReaderTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 5, 14);
    private final NotebookReader reader = new NotebookReader(Words.shipped());

    private NotebookReport read(String text) {
        return read(text.getBytes(StandardCharsets.UTF_8), NotebookChoices.none());
    }

    private NotebookReport read(byte[] file, NotebookChoices choices) {
        return reader.read(file, choices, TODAY, Map.of(), row -> false);
    }

    @Test
    void semicolonsDecimalCommasAndAnOldEncoding() {
        String text = """
                Veredelt am;Baum;Sorte;Obstart;Methode;Wer;Reis mm;Unterlage mm;Ergebnis
                3.4.2024;B-1;Grüne Laterne;Zitrone;okulieren;Jörn;5,5;7,25;angewachsen
                28.4.2024;B-2;Grüne Laterne;Zitrone;chippen;Jörn;5,8;7,0;vertrocknet
                """;
        NotebookReport report = read(text.getBytes(Charset.forName("windows-1252")), NotebookChoices.none());
        assertThat(report.encoding()).isEqualTo("Windows-1252");
        assertThat(report.takes()).containsEntry("citrus / Grüne Laterne", new TakeCount(1, 1, 0, 0));
        NotebookGraft first = report.grafts().get(0);
        assertThat(first.madeOn()).isEqualTo(LocalDate.of(2024, 4, 3));
        assertThat(first.stockMm()).isEqualTo(7.25);
        assertThat(first.technique()).isEqualTo("t-bud");
        assertThat(first.maker()).isEqualTo("Jörn");
    }

    @Test
    void inchesAsFractionsAndBareDecimals() {
        NotebookReport report = read("""
                date,variety,species,technique,scion diameter,stock diameter,result
                2024-04-03,Pale Buoy,mango,veneer,3/8,1/2 in,took
                2024-04-04,Pale Buoy,mango,veneer,0.30,0.40,died
                2024-04-05,Pale Buoy,mango,veneer,0.25,9 mm,took
                """);
        assertThat(report.bareInches()).isTrue();
        assertThat(report.grafts()).extracting(NotebookGraft::scionMm).containsExactly(9.525, 7.62, 6.35);
        assertThat(report.grafts()).extracting(NotebookGraft::stockMm).containsExactly(12.7, 10.16, 9.0);
    }

    @Test
    void monthFirstIsSeenFromTheDatesThatCanBeNothingElse() {
        NotebookReport report = read("""
                Grafted\tVariety\tFruit\tOutcome
                4/25/2024\tPale Buoy\tfig\tyes
                5/3/2024\tPale Buoy\tfig\tno
                """);
        assertThat(report.delimiter()).isEqualTo("\t");
        assertThat(report.dayFirst()).isFalse();
        assertThat(report.dateOrderSure()).isTrue();
        assertThat(report.grafts())
                .extracting(NotebookGraft::madeOn)
                .containsExactly(LocalDate.of(2024, 4, 25), LocalDate.of(2024, 5, 3));
    }

    @Test
    void aMixtureIsSettledRowByRowWhereTheLooksDecide() {
        NotebookReport report = read("""
                Date,Variety,Kind,Looked at,Result
                25/04/2024,Pale Buoy,fig,20/05/2024,took
                26/04/2024,Pale Buoy,fig,21/05/2024,took
                04/28/2024,Pale Buoy,fig,05/30/2024,took
                05/03/2024,Pale Buoy,fig,04/06/2024,took
                """);
        assertThat(report.dateOrderSure()).isFalse();
        assertThat(report.grafts().get(2).madeOn()).isEqualTo(LocalDate.of(2024, 4, 28));
        NotebookGraft open = report.grafts().get(3);
        assertThat(open.seenOn()).isAfterOrEqualTo(open.madeOn());
    }

    @Test
    void theOrderCanBeChosenAgainstTheGuess() {
        byte[] file = "date,variety,kind,result\n03/04/2024,Pale Buoy,fig,took\n".getBytes(StandardCharsets.UTF_8);
        assertThat(read(file, NotebookChoices.none()).grafts().get(0).madeOn()).isEqualTo(LocalDate.of(2024, 4, 3));
        NotebookChoices monthFirst = new NotebookChoices(
                Map.of(),
                Optional.of(false),
                Optional.empty(),
                Map.of(),
                Map.of(),
                Map.of(),
                Map.of(),
                Set.of(),
                Set.of());
        assertThat(read(file, monthFirst).grafts().get(0).madeOn()).isEqualTo(LocalDate.of(2024, 3, 4));
    }

    @Test
    void everyRowLeftOutHasItsReason() {
        NotebookReport report = read("""
                My grafts
                Date|Variety|Kind|Result
                2024-04-03|Pale Buoy|mango|took
                2024-04-03|Pale Buoy|mango|took
                2024-02-30|Pale Buoy|mango|took
                2031-04-03|Pale Buoy|mango|took
                |Pale Buoy|mango|took
                2024-04-04||mango|took
                2024-04-05|Nobody Knows||took
                2024-04-06|Pale Buoy|mango|sideways
                Date|Variety|Kind|Result
                |TOTAL||1 took
                """);
        assertThat(report.grafts()).hasSize(1);
        assertThat(report.refusedByReason())
                .containsOnlyKeys(
                        Reason.DUPLICATE,
                        Reason.TOTAL,
                        Reason.HEADING_AGAIN,
                        Reason.DATE_MISSING,
                        Reason.DATE_UNREADABLE,
                        Reason.DATE_FUTURE,
                        Reason.VARIETY_MISSING,
                        Reason.SPECIES_UNKNOWN,
                        Reason.RESULT_UNKNOWN);
        assertThat(report.rowsRead())
                .isEqualTo(report.grafts().size() + report.refusals().size());
        assertThat(report.refusals()).allSatisfy(r -> assertThat(r.sentence()).endsWith("."));
    }

    @Test
    void spellingsAreProposedAndCanBeKeptApart() {
        String text = """
                date,variety,kind,by,result
                2024-04-01,Copper Anchor,fig,Ingmar,took
                2024-04-02,copper  anchor,fig,Ingmar,took
                2024-04-03,Copper Anchor,fig,I.,took
                2024-04-04,Coper Anchor,fig,Ingmar,dead
                2024-04-05,Copper Anchor,fig,Ingmar,took
                2024-04-06,Copper Anchor 2,fig,Ingmar,took
                """;
        NotebookReport report = read(text);
        assertThat(report.spellings())
                .extracting(s -> s.spelling().from())
                .containsExactlyInAnyOrder("copper  anchor", "Coper Anchor", "I.");
        assertThat(report.takes().keySet()).containsExactly("fig / Copper Anchor", "fig / Copper Anchor 2");
        assertThat(report.grafts()).extracting(NotebookGraft::maker).contains("I.");
        NotebookChoices apart = new NotebookChoices(
                Map.of(),
                Optional.empty(),
                Optional.empty(),
                Map.of(),
                Map.of(),
                Map.of(),
                Map.of(),
                Set.of("I."),
                Set.of("Coper Anchor"));
        NotebookReport corrected = read(text.getBytes(StandardCharsets.UTF_8), apart);
        assertThat(corrected.takes()).containsKey("fig / Coper Anchor");
        assertThat(corrected.grafts()).extracting(NotebookGraft::maker).containsOnly("Ingmar");
    }

    /** Six books in as many languages and layouts; beside each what an attentive reader takes from it, row by row. */
    @ParameterizedTest
    @ValueSource(strings = {"english", "french", "german", "italian", "portuguese", "spanish"})
    void booksOfOtherStylesSayWhatTheirWritersMeant(String name) {
        NotebookReport report = read(resource(name + ".csv"), NotebookChoices.none());
        List<String> told = new ArrayList<>();
        report.grafts().forEach(g -> told.add(told(g)));
        report.refusals().forEach(r -> told.add(r.line() + ";" + r.reason()));
        assertThat(told)
                .containsExactlyInAnyOrderElementsOf(new String(resource(name + ".truth"), StandardCharsets.UTF_8)
                        .lines()
                        .toList());
        assertThat(report.columns()).extracting(NotebookReport.Column::ask).containsOnlyNulls();
    }

    private String told(NotebookGraft g) {
        return String.join(
                ";",
                "" + g.line(),
                "" + g.madeOn(),
                g.plant(),
                g.variety(),
                g.species(),
                g.technique(),
                g.maker(),
                "" + g.scionMm(),
                "" + g.stockMm(),
                g.sign().name(),
                reader.cover(g.notes()).map(Enum::name).orElse(""));
    }

    private static byte[] resource(String name) {
        try (var in = NotebookReaderTest.class.getResourceAsStream("notebooks/" + name)) {
            return in.readAllBytes();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Test
    void aColumnLeftOutThatLooksUsefulIsAskedAbout() {
        NotebookReport report = read("""
                date,variety,kind,result,Breite,Kiste,Stem girth,Besonders
                2024-04-01,Copper Anchor,fig,took,8.5,Ada,30,wet day
                2024-04-02,Copper Anchor,fig,took,9,Ada,31,new tape
                2024-04-03,Copper Anchor,fig,dead,10 mm,Bo,33,blunt knife
                2024-04-04,Copper Anchor,fig,dead,9.5,Ada,30,hail after
                2024-04-05,Copper Anchor,fig,dead,9.5,Bo,30,
                2024-04-06,Copper Anchor,fig,took,9.5,Bo,31,late
                """);
        assertThat(report.columns().get(4).ask()).contains("thicknesses");
        assertThat(report.columns().get(5).ask()).contains("same few words");
        assertThat(report.columns().get(6).ask()).contains("around");
        assertThat(report.columns().get(7).ask()).contains("filled in 5 of the first 6 rows");
        assertThat(report.grafts()).extracting(NotebookGraft::stockMm).containsOnlyNulls();
    }

    /** A heading alone does not decide: the same word over texts and over numbers is two things. */
    @Test
    void theCellsBearOutTheirHeading() {
        NotebookReport varieties =
                read("date,scion,kind,stock\n2024-04-01,Copper Anchor,fig,A1\n2024-04-02,Low Buoy,fig,A2\n");
        assertThat(varieties.grafts()).extracting(NotebookGraft::variety).contains("Copper Anchor");
        assertThat(varieties.grafts()).extracting(NotebookGraft::scionMm).containsOnlyNulls();
        NotebookReport sizes =
                read("date,variety,kind,scion,stock\n2024-04-01,Low Buoy,fig,8.5,9\n2024-04-02,Low Buoy,fig,9,9.5\n");
        assertThat(sizes.grafts()).extracting(NotebookGraft::scionMm).containsExactly(8.5, 9.0);
        assertThat(sizes.grafts()).extracting(NotebookGraft::stockMm).containsExactly(9.0, 9.5);
    }

    @Test
    void columnsWithoutHeadingsAreKnownByTheirCells() {
        NotebookReport report = read("""
                2024-04-01,AV12,Copper Anchor,avocado,whip,took
                2024-04-02,AV13,Copper Anchor,avocado,cleft,dead
                2024-04-03,AV14,Copper Anchor,avocado,cleft,took
                """);
        assertThat(report.columns())
                .extracting(NotebookReport.Column::role)
                .contains(
                        ColumnRole.MADE_ON,
                        ColumnRole.PLANT,
                        ColumnRole.SPECIES,
                        ColumnRole.TECHNIQUE,
                        ColumnRole.RESULT);
    }

    @Test
    void wholeFilesThatCannotBeTakenSayWhy() {
        assertThatThrownBy(() -> read("")).isInstanceOf(NotebookRefused.class).hasMessageContaining("empty");
        byte[] binary = new byte[4000];
        new java.util.Random(3).nextBytes(binary);
        assertThatThrownBy(() -> read(binary, NotebookChoices.none()))
                .isInstanceOf(NotebookRefused.class)
                .hasMessageContaining("not a text file");
        assertThatThrownBy(() -> read("one\ntwo\nthree\n"))
                .isInstanceOf(NotebookRefused.class)
                .hasMessageContaining("one column");
        assertThatThrownBy(() -> read("date,variety\n2024-01-01," + "x".repeat(1_000_000) + "\n"))
                .isInstanceOf(NotebookRefused.class)
                .hasMessageContaining("1000000")
                .hasMessageContaining("10000");
    }
}
