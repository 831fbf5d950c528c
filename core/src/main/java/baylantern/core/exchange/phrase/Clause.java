package baylantern.core.exchange.phrase;

import baylantern.core.care.Sign;
import baylantern.core.exchange.phrase.PhraseWords.Word;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/** A piece of a phrase that says one thing of one subject, word by word. */
final class Clause {

    private static final Set<String> FOLLOW =
            Set.of("nicht", "pas", "nichts", "rien", "aucun", "not", "keine", "keiner");

    /** How it goes on from what was said before. */
    final WordKind link;

    private final boolean split;
    private final List<Said> said = new ArrayList<>();
    private final List<Word> words = new ArrayList<>();
    private final Set<WordKind> met = EnumSet.noneOf(WordKind.class);
    private @Nullable WordKind subject;
    private @Nullable WordKind denial;
    private boolean subjectLast;
    private boolean denied;
    private int denialsAhead;

    Clause(WordKind link) {
        this(link, false);
    }

    /** @param split true where only a subject parts it from what was said before */
    Clause(WordKind link, boolean split) {
        this.link = link;
        this.split = split;
    }

    /** Something said, and the denial it stands under. */
    private record Said(WordKind kind, @Nullable WordKind denial) {}

    /** What a clause comes to. */
    enum Sort {
        /** It was seen. */
        SEEN,
        /** No growth was seen; whether it lives is left open. */
        NO_GROWTH,
        /** It speaks of something else, or of nothing. */
        ASIDE,
        /** The stock is dead. */
        NO_STOCK,
        /** It says how it once was. */
        PAST,
        /** It cannot be said what it means. */
        OPEN
    }

    /** The outcome of a clause; {@code why} where it is open. */
    record Verdict(Sort sort, @Nullable Sign sign, String why) {

        static Verdict seen(Sign sign) {
            return new Verdict(Sort.SEEN, sign, "");
        }

        static Verdict open(String why) {
            return new Verdict(Sort.OPEN, null, why);
        }

        static Verdict of(Sort sort) {
            return new Verdict(sort, null, "");
        }
    }

    /** True where this word begins a clause of its own: another subject, or something said after the subject closed it. */
    boolean endsBefore(Word word) {
        if (word.kind().subject()) {
            boolean ofPart = subject == WordKind.PART && said.isEmpty();
            return subject != null && subject != word.kind() && !ofPart;
        }
        return subjectLast
                && !said.isEmpty()
                && (word.kind().sign() != null || word.kind().denies());
    }

    void add(Word word) {
        words.add(word);
        WordKind kind = word.kind();
        met.add(kind);
        if (kind.subject()) {
            subject = subject == null || kind == WordKind.STOCK ? kind : subject;
            subjectLast = !said.isEmpty();
        } else if (kind.sign() != null) {
            said.add(new Said(kind, denial));
        } else if (kind.denies()) {
            deny(kind, word);
        } else if (kind == WordKind.MORE && denial != null) {
            denial = WordKind.NO_MORE;
            said.replaceAll(one -> one.denial() == null ? one : new Said(one.kind(), WordKind.NO_MORE));
        }
    }

    // "Nicht", "pas" and their like may follow what they deny; "no" may not: there it is another thing.
    private void deny(WordKind kind, Word word) {
        boolean follows = FOLLOW.contains(word.text()) || kind != WordKind.NOT;
        if (!said.isEmpty() && follows && said.get(said.size() - 1).denial() == null) {
            Said last = said.remove(said.size() - 1);
            said.add(new Said(last.kind(), kind));
            denied = true;
        } else {
            denial = kind;
            denialsAhead++;
        }
    }

    boolean empty() {
        return words.isEmpty();
    }

    /** The words as one text. */
    String text() {
        return String.join(" ", words.stream().map(Word::text).toList());
    }

    boolean saysSomething() {
        return !said.isEmpty();
    }

    boolean has(WordKind kind) {
        return met.contains(kind);
    }

    /** What it comes to. */
    Verdict verdict() {
        Word strange = first(word -> word.kind() == WordKind.STRANGE);
        if (strange != null) {
            return Verdict.open("\"" + strange.text() + "\" is not a word known here.");
        }
        Word doubt = first(word -> word.kind() == WordKind.DOUBT && !onlySpeed(word));
        if (doubt != null) {
            return Verdict.open("\"" + doubt.text() + "\" leaves it open.");
        }
        if (has(WordKind.SOME)) {
            return Verdict.open("It speaks of a part of several.");
        }
        if (!Counted.onlyGrowth(words, said.stream().allMatch(one -> one.kind().growth() && one.denial() == null))) {
            return Verdict.open("It counts several.");
        }
        if (subject == WordKind.STOCK) {
            return split && said.isEmpty() ? Verdict.open("Of the scion, or of the stock?") : ofTheStock();
        }
        if (has(WordKind.MORE) && denial == null && !denied) {
            return Verdict.open("\"more\" of what is not said.");
        }
        return said.isEmpty() ? silent() : spoken();
    }

    // "Growing fast", but "fast tot".
    private boolean onlySpeed(Word word) {
        return word.text().equals("fast")
                && words.subList(words.indexOf(word), words.size()).stream()
                        .noneMatch(later -> later.kind().sign() != null);
    }

    private @Nullable Word first(Predicate<Word> test) {
        return words.stream().filter(test).findFirst().orElse(null);
    }

    // A living stock says nothing of the scion; a dead one cannot carry it.
    private Verdict ofTheStock() {
        boolean dead = said.stream().anyMatch(one -> one.kind() == WordKind.DEAD && one.denial() == null);
        return Verdict.of(dead ? Sort.NO_STOCK : Sort.ASIDE);
    }

    private Verdict silent() {
        boolean denies = denial != null;
        if (denies && has(WordKind.YET) && !has(WordKind.ALL)) {
            return Verdict.seen(Sign.NOTHING);
        }
        if (has(WordKind.YES) && !denies) {
            return Verdict.seen(Sign.LEAFED);
        }
        if (denies || has(WordKind.YES)) {
            return Verdict.open("It denies something, but not what.");
        }
        return Verdict.of(Sort.ASIDE);
    }

    private Verdict spoken() {
        boolean anyDenied = said.stream().anyMatch(one -> one.denial() != null);
        if (denialsAhead > 0 && !anyDenied) {
            return Verdict.open("It denies something, but not what.");
        }
        if (anyDenied && has(WordKind.ALL)) {
            return Verdict.open("All, or not all?");
        }
        if (mixedUnderOneDenial()) {
            return Verdict.open("It is not clear how far \"not\" reaches.");
        }
        if (subject == WordKind.PART
                && said.stream().anyMatch(one -> !one.kind().growth() || one.denial() != null)) {
            return Verdict.of(Sort.ASIDE);
        }
        Verdict sum = null;
        for (Said one : said) {
            Verdict next = verdict(one);
            sum = sum == null ? next : Merge.of(sum, next);
        }
        boolean wasOnly =
                has(WordKind.WAS) && !anyDenied && said.stream().noneMatch(one -> one.kind() == WordKind.DEAD);
        return wasOnly ? Verdict.of(Sort.PAST) : sum == null ? silent() : sum;
    }

    private boolean mixedUnderOneDenial() {
        List<Said> denied = said.stream().filter(one -> one.denial() != null).toList();
        boolean one = denialsAhead <= 1;
        boolean allJoined = denied.stream().allMatch(d -> d.kind().joined());
        boolean allGrowth = denied.stream().allMatch(d -> d.kind().growth());
        return one && denied.size() > 1 && !allJoined && !allGrowth;
    }

    private Verdict verdict(Said one) {
        Sign sign = one.kind().sign();
        if (one.denial() == null) {
            return Verdict.seen(sign == null ? Sign.NOTHING : sign);
        }
        if (!one.kind().joined() && !one.kind().growth()) {
            return Verdict.open("Not "
                    + (one.kind() == WordKind.DEAD ? "dead" : one.kind() == WordKind.MISSING ? "missing" : "waiting")
                    + ": what then?");
        }
        if (one.denial() == WordKind.NEVER) {
            return Verdict.seen(Sign.DEAD);
        }
        if (has(WordKind.YET) && one.denial() == WordKind.NOT) {
            return Verdict.seen(Sign.NOTHING);
        }
        return one.kind().joined() ? Verdict.seen(Sign.DEAD) : Verdict.of(Sort.NO_GROWTH);
    }
}
