package baylantern.core.exchange.phrase;

import baylantern.core.care.GraftState.Outcome;
import baylantern.core.care.Sign;
import baylantern.core.exchange.phrase.Clause.Sort;
import baylantern.core.exchange.phrase.Clause.Verdict;

/** Two things said of one graft, where nothing says which came later. */
final class Merge {

    private static final Verdict TWO = Verdict.open("It says two things.");

    private Merge() {}

    static Verdict of(Verdict a, Verdict b) {
        if (a.sort() == Sort.OPEN || a.sort() == Sort.ASIDE) {
            return a.sort() == Sort.OPEN ? a : b;
        }
        if (b.sort() == Sort.OPEN || b.sort() == Sort.ASIDE) {
            return b.sort() == Sort.OPEN ? b : a;
        }
        if (a.sort() == Sort.NO_STOCK || b.sort() == Sort.NO_STOCK) {
            Verdict other = a.sort() == Sort.NO_STOCK ? b : a;
            boolean dead = other.sign() == Sign.DEAD;
            return dead || other.sort() == Sort.NO_STOCK ? other : Verdict.open("On a dead stock?");
        }
        if (a.sort() == Sort.PAST || b.sort() == Sort.PAST) {
            return a.sort() == Sort.PAST ? a : b;
        }
        if (a.sort() == Sort.NO_GROWTH || b.sort() == Sort.NO_GROWTH) {
            return withoutGrowth(a, b);
        }
        Sign first = sign(a);
        Sign second = sign(b);
        if (first == second) {
            return a;
        }
        if (first.living() && second.living()) {
            return first.shows().atLeast(second.shows()) ? a : b;
        }
        boolean open = outcome(first) == Outcome.WAITING && outcome(second) == Outcome.WAITING;
        return !open ? TWO : first.living() ? a : b;
    }

    // "No leaves" adds nothing to what is dead or waits, and stands against what has leaves.
    private static Verdict withoutGrowth(Verdict a, Verdict b) {
        Verdict other = a.sort() == Sort.NO_GROWTH ? b : a;
        if (other.sort() == Sort.NO_GROWTH) {
            return other;
        }
        Sign sign = sign(other);
        return sign == Sign.DEAD || (outcome(sign) == Outcome.WAITING && sign != Sign.PUSHED) ? other : TWO;
    }

    private static Sign sign(Verdict verdict) {
        return verdict.sign() == null ? Sign.NOTHING : verdict.sign();
    }

    private static Outcome outcome(Sign sign) {
        return sign.shows().outcome();
    }
}
