package baylantern.core.exchange.phrase;

import static org.assertj.core.api.Assertions.assertThat;

import baylantern.core.care.Sign;
import baylantern.core.rules.Words;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What growers note of a graft's fate, in six languages, each phrase with what it means beside it. */
class ResultReaderTest {

    private static final PhraseWords BOOK = new PhraseWords(Words.shipped());
    private final ResultReader reader = new ResultReader(BOOK, "Result");

    private record Phrase(String language, String text, String meaning) {}

    private static List<Phrase> phrases() {
        try (var in = ResultReaderTest.class.getResourceAsStream("result-phrases.csv")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .skip(1)
                    .map(line -> {
                        int last = line.lastIndexOf(';');
                        return new Phrase(line.substring(0, 2), line.substring(3, last), line.substring(last + 1));
                    })
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static String meaning(ResultReading reading) {
        Sign sign = reading.sign();
        if (sign == null) {
            return "asked";
        }
        if (sign == Sign.PUSHED) {
            return "taken";
        }
        return switch (sign.shows().outcome()) {
            case TAKEN -> "taken";
            case FAILED -> "dead";
            case WAITING -> "waiting";
            case LOST -> "lost";
        };
    }

    @Test
    void noPhraseIsReadAsSomethingElseAndHardlyOneIsAskedForNothing() {
        List<String> wrong = new ArrayList<>();
        List<String> needless = new ArrayList<>();
        for (Phrase phrase : phrases()) {
            String read = meaning(reader.read(phrase.text()));
            if (!read.equals(phrase.meaning())) {
                (read.equals("asked") ? needless : wrong).add(phrase + " read as " + read);
            }
        }
        assertThat(phrases()).hasSizeGreaterThan(300);
        assertThat(wrong).isEmpty();
        assertThat(needless).hasSizeLessThan(phrases().size() / 50);
    }

    @Test
    void whatIsAskedSaysWhy() {
        assertThat(phrases())
                .map(phrase -> reader.read(phrase.text()))
                .filteredOn(reading -> !reading.understood())
                .allSatisfy(reading -> assertThat(reading.ask()).isNotBlank().matches(".*[.?]"));
    }

    /** A denial put before or an end put after can never leave a life standing. */
    @Test
    void deniedOrEndedNoPhraseSaysAGraftTook() {
        for (Phrase phrase : phrases()) {
            boolean several = phrase.text().matches("(?i)yes.*|y|ok|s[ií]|sim|oui|ja|sì|.*stock.*");
            if (several || !phrase.meaning().equals("taken")) {
                continue;
            }
            for (String denied :
                    List.of("not " + phrase.text(), "never " + phrase.text(), phrase.text() + ", then died")) {
                assertThat(meaning(reader.read(denied))).as(denied).isNotEqualTo("taken");
            }
        }
    }

    /** Whatever stands after a sentence about the stock, the stock's life is not the scion's. */
    @Test
    void theStocksFateIsNotTheScions() {
        List<String> lives = List.of("alive", "growing", "shooting", "took", "green");
        List<String> stocks = List.of("stock ", "rootstock ", "the stock is ");
        for (String life : lives) {
            for (String stock : stocks) {
                assertThat(reader.read(stock + life).understood())
                        .as(stock + life)
                        .isFalse();
                for (String joint :
                        List.of(", scion dead", " but scion dead", " and graft dead", "; bud dried", " scion dead")) {
                    assertThat(meaning(reader.read(stock + life + joint)))
                            .as(stock + life + joint)
                            .isEqualTo("dead");
                }
            }
        }
    }

    @Test
    void aWordOrMarkIsReadInTheLightOfItsHeading() {
        ResultReader dead = new ResultReader(BOOK, "Died?");
        assertThat(meaning(dead.read("yes"))).isEqualTo("dead");
        assertThat(meaning(dead.read("no"))).isEqualTo("asked");
        assertThat(meaning(dead.read("growing"))).isEqualTo("taken");
        assertThat(dead.read("x").ask()).contains("Died?");
        assertThat(meaning(new ResultReader(BOOK, "Took").read("no"))).isEqualTo("dead");
        assertThat(meaning(new ResultReader(BOOK, "¿Prendió?").read("sí"))).isEqualTo("taken");
    }
}
