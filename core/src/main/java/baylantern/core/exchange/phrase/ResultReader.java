package baylantern.core.exchange.phrase;

import baylantern.core.care.GraftState.Outcome;
import baylantern.core.care.Sign;
import baylantern.core.exchange.phrase.Clause.Sort;
import baylantern.core.exchange.phrase.Clause.Verdict;
import baylantern.core.exchange.phrase.PhraseWords.Word;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/**
 * Reads what a grower wrote of a graft's fate. A phrase is understood only as a whole: every word of it must be known,
 * denials reach what they deny, what is said of the stock is not said of the scion, and shares of several are no answer
 * for one. Whatever is left open is asked rather than guessed.
 */
public final class ResultReader {

    private static final Set<String> MARKS = Set.of(
            "x", "xx", "v", "✓", "✔", "√", "✗", "✘", "✕", "×", "*", "o", "●", "•", "+", "++", "-", "–", "—", "--", "1",
            "0", "/", "#", "=");
    private static final Set<String> WAITS = Set.of("?", "??", "???", "...", "…");

    private static final Set<String> TURNS = Set.of("mas", "mais");

    private final PhraseWords words;
    private final Heading heading;
    private final String headed;

    /** What the heading of the column asks. */
    private enum Heading {
        LIFE,
        DEATH,
        OPEN
    }

    /**
     * Reads the cells of one column.
     *
     * @param heading what stands above it; empty where nothing does
     */
    public ResultReader(PhraseWords words, String heading) {
        this.words = words;
        headed = heading;
        this.heading = asks(heading);
    }

    private Heading asks(String text) {
        boolean life = false;
        boolean death = false;
        for (Word word : words.cut(PhraseWords.plain(text))) {
            life |= word.kind().joined() || word.kind().growth();
            death |= word.kind() == WordKind.DEAD
                    || word.kind() == WordKind.MISSING
                    || word.kind().denies();
        }
        return life == death ? Heading.OPEN : life ? Heading.LIFE : Heading.DEATH;
    }

    /** What a cell says; an empty one is asked. */
    public ResultReading read(String cell) {
        String plain = PhraseWords.plain(cell);
        if (plain.isEmpty()) {
            return ResultReading.asked("Nothing is written.");
        }
        if (WAITS.contains(plain)) {
            return ResultReading.of(Sign.NOTHING);
        }
        if (MARKS.contains(plain)) {
            return ResultReading.asked("What does \"" + cell.strip() + "\" mean"
                    + (headed.isBlank() ? "?" : " under \"" + headed.strip() + "\"?"));
        }
        if (plain.contains("?")) {
            return ResultReading.asked("It is written with a question mark.");
        }
        return settled(clauses(plain));
    }

    private List<Clause> clauses(String plain) {
        List<Clause> clauses = new ArrayList<>();
        Clause now = new Clause(WordKind.STOP);
        List<Word> all = shares(words.cut(plain));
        for (int at = 0; at < all.size(); at++) {
            Word word = all.get(at);
            WordKind kind = turned(word, now, all.subList(at + 1, all.size()));
            boolean link = kind == WordKind.STOP || kind == WordKind.THEN || kind == WordKind.BUT;
            if (link || now.endsBefore(word)) {
                // A stop after "then" does not undo it.
                WordKind carried = kind == WordKind.STOP && now.empty() ? now.link : link ? kind : WordKind.STOP;
                if (!now.empty()) {
                    clauses.add(now);
                }
                now = new Clause(carried, !link);
            }
            if (!link) {
                now.add(new Word(word.text(), kind));
            }
        }
        if (!now.empty()) {
            clauses.add(now);
        }
        return clauses;
    }

    // "Mais", "mas" and "ma" turn a sentence, unless they are the "more" of a denial.
    private static WordKind turned(Word word, Clause before, List<Word> after) {
        if (word.kind() == WordKind.TURN) {
            return WordKind.BUT;
        }
        if (word.kind() != WordKind.MORE) {
            return word.kind();
        }
        boolean denied = before.has(WordKind.NOT) || before.has(WordKind.NEVER);
        boolean more = denied
                && !(before.saysSomething()
                        && after.stream().anyMatch(w -> w.kind().sign() != null));
        return more || !TURNS.contains(word.text()) ? WordKind.MORE : WordKind.BUT;
    }

    // "2 of 3", "2 de 3": a share.
    private static List<Word> shares(List<Word> cut) {
        List<Word> words = new ArrayList<>();
        for (int at = 0; at < cut.size(); at++) {
            boolean share = at + 2 < cut.size()
                    && counted(cut.get(at))
                    && cut.get(at + 1).kind() == WordKind.OF
                    && counted(cut.get(at + 2));
            if (share) {
                String some = cut.get(at).text();
                words.add(new Word(some, PhraseWords.share(some, cut.get(at + 2).text())));
                at += 2;
            } else {
                words.add(cut.get(at));
            }
        }
        return words;
    }

    private static boolean counted(Word word) {
        return word.kind() == WordKind.NUMBER || word.text().equals("0");
    }

    private ResultReading settled(List<Clause> clauses) {
        for (int i = 1; i < clauses.size(); i++) {
            if (words.alone(WordKind.NO, clauses.get(i).text())
                    && clauses.get(i - 1).saysSomething()) {
                return ResultReading.asked("It says a thing and then no.");
            }
        }
        List<Verdict> verdicts = clauses.stream().map(this::verdict).toList();
        for (Verdict verdict : verdicts) {
            if (verdict.sort() == Sort.OPEN) {
                return ResultReading.asked(verdict.why());
            }
        }
        Verdict sum = Verdict.of(Sort.ASIDE);
        for (int i = 0; i < verdicts.size(); i++) {
            sum = follows(clauses.get(i), sum, verdicts.get(i)) ? verdicts.get(i) : Merge.of(sum, verdicts.get(i));
        }
        return switch (sum.sort()) {
            case SEEN -> sum.sign() == null ? ResultReading.asked("") : ResultReading.of(sum.sign());
            case NO_GROWTH -> ResultReading.asked("No growth: does it wait, or is it dead?");
            case NO_STOCK -> ResultReading.asked("It says that the stock is dead; and the scion?");
            case PAST -> ResultReading.asked("It says what was, not what is.");
            case ASIDE -> ResultReading.asked("It does not say how the scion is.");
            case OPEN -> ResultReading.asked(sum.why());
        };
    }

    // After "then" the later holds; after "but" only an end can follow on a life.
    private static boolean follows(Clause clause, Verdict before, Verdict now) {
        if (now.sort() != Sort.SEEN || now.sign() == null) {
            return false;
        }
        if (clause.link == WordKind.THEN) {
            return true;
        }
        boolean ends = now.sign().shows().outcome() == Outcome.FAILED;
        return clause.link == WordKind.BUT
                && ends
                && (before.sort() == Sort.PAST
                        || before.sign() == null
                        || before.sign().living());
    }

    private Verdict verdict(Clause clause) {
        String text = clause.text();
        if (words.alone(WordKind.NO, text)) {
            return heading == Heading.DEATH
                    ? Verdict.open("\"No\" under \"" + headed + "\": what then?")
                    : Verdict.seen(Sign.DEAD);
        }
        if (words.alone(WordKind.YES, text)) {
            return Verdict.seen(heading == Heading.DEATH ? Sign.DEAD : Sign.LEAFED);
        }
        return clause.verdict();
    }
}
