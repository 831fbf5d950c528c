package baylantern.core.season.flush;

import baylantern.core.rules.BudStage;

/** The course of a plant's flushes: which stage it shows so much warmth after a swell. */
public record Course(Stages stages, FlushLength length) {

    /** The stage so many degree-days after a swell that the next one follows after {@code whole}. */
    public BudStage at(double gone, double whole) {
        return stages.at(length.way(gone, whole));
    }

    /** How many degree-days after a swell a stage ends, at the most those to the next swell; the last lasts until then. */
    public double until(BudStage stage, double whole) {
        double end = stages.until(stage);
        return end >= 1 ? whole : Math.min(whole, end * length.of(whole));
    }

    /** Says where the stages end here, beside where the rulebook has them. */
    public String words(Stages byTheBook) {
        String of = length.toNext() < 0.5 ? "what it usually takes" : "the way";
        return "Its stages here, of " + of + " from swell to swell: " + stages.words(byTheBook) + ".";
    }
}
