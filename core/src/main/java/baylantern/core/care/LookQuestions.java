package baylantern.core.care;

import baylantern.core.rules.Figure;
import baylantern.core.rules.Quantity;
import baylantern.core.season.warmth.HealingClock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/** What is asked back about an answer that does not fit the graft's life: it may be right, but it may be a slip. */
public final class LookQuestions {

    /** A shoot that lost more than this share of its length broke, or was measured wrongly. */
    private static final double LOST_SHARE = 0.5;

    /** Growing so many times as fast as nine in ten do is asked about. */
    private static final double TOO_FAST = 4;

    /** No graft is in leaf so soon, healing days. */
    private static final double SOONEST_LEAF = 5;

    private final GraftLife life;
    private final HealingClock clock;
    private final Figure rate;

    /**
     * Questions about one graft.
     *
     * @param rate growth in mm a healing day
     */
    public LookQuestions(GraftLife life, HealingClock clock, Figure rate) {
        this.life = life;
        this.clock = clock;
        this.rate = rate;
    }

    /**
     * The questions an answer raises, none where it fits.
     *
     * @param dryDays days since a plant should have been watered at the latest, 0 or less where none is late
     */
    public List<String> about(Look look, LocalDate madeOn, long dryDays) {
        List<String> questions = new ArrayList<>();
        if (look.correction()) {
            return questions;
        }
        add(questions, backward(look));
        add(questions, tooSoon(look, madeOn));
        add(questions, length(look));
        add(questions, severed(look, dryDays));
        return questions;
    }

    private static void add(List<String> questions, @Nullable String question) {
        if (question != null) {
            questions.add(question);
        }
    }

    private @Nullable String backward(Look look) {
        // A look of an earlier day is held against how it stood then.
        GraftState state = life.stood(look.seenOn());
        boolean less = look.sign().ofItsLife() && state.atLeast(GraftState.PUSHED) && state.live();
        GraftState shown = look.sign().shows();
        if (look.sign() == Sign.PLANTED_OUT && state.live() && !state.atLeast(GraftState.LEAFED)) {
            return "It has never been in leaf. Planted out all the same?";
        }
        return less && shown.live() && shown.ordinal() < GraftState.PUSHED.ordinal()
                ? "It is " + state.words() + " already. Only " + look.sign().words()
                        + " now? If it died back say so, or correct the earlier answer."
                : null;
    }

    private @Nullable String tooSoon(Look look, LocalDate madeOn) {
        double age = clock.between(madeOn, look.seenOn());
        boolean leaf = look.sign().ofItsLife() && look.sign().shows().atLeast(GraftState.LEAFED);
        return leaf && age < SOONEST_LEAF && !life.stood(look.seenOn()).atLeast(GraftState.LEAFED)
                ? "It was made " + String.format(Locale.ROOT, "%.0f", age) + " healing days ago. "
                        + capital(look.sign().words()) + " already?"
                : null;
    }

    private static String capital(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }

    private @Nullable String length(Look look) {
        Double mm = look.lengthMm();
        List<ScionGrowth.Length> before = life.lengths().stream()
                .filter(l -> !l.day().isAfter(look.seenOn()))
                .toList();
        if (mm == null) {
            return null;
        }
        if (!look.sign().living() && look.sign() != Sign.APART) {
            return "It is " + look.sign().words() + ". Measured all the same?";
        }
        if (before.isEmpty()) {
            return null;
        }
        ScionGrowth.Length last = before.get(before.size() - 1);
        if (mm < LOST_SHARE * last.mm()) {
            return "It was " + Quantity.mm(last.mm()) + " on " + last.day() + " and is " + Quantity.mm(mm)
                    + " now. Broken, or measured wrongly?";
        }
        double most = last.mm() + TOO_FAST * rate.high() * (1 + clock.between(last.day(), look.seenOn()));
        return mm > most
                ? "It was " + Quantity.mm(last.mm()) + " on " + last.day() + "; " + Quantity.mm(mm)
                        + " would be more than the fastest shoots grow. Measured wrongly?"
                : null;
    }

    private @Nullable String severed(Look look, long dryDays) {
        if (!look.found().contains(Trace.SEVERED)) {
            return null;
        }
        if (!life.found(Trace.TWIG_FRESH) && !look.found().contains(Trace.TWIG_FRESH)) {
            return "No severed twig has shown that the union feeds the scion. Severed all the same?";
        }
        return dryDays > 0
                ? "Water was due " + dryDays + (dryDays == 1 ? " day" : " days")
                        + " ago at the latest. Severed with a dry plant?"
                : null;
    }
}
