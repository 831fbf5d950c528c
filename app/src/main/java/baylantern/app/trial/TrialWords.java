package baylantern.app.trial;

import baylantern.core.rules.Plain;

/** What a trial says, in sentences. */
final class TrialWords {

    private static final double PERCENT = 100;
    private static final String RANDOM = " Laid out at random in pairs of one wood and one hand.";

    private TrialWords() {}

    /** What was read last of a trial. */
    static String read(TrialMapper.ReadRow row, TrialRow trial, TrialAspects.AspectChoice aspect) {
        String first = aspect.words(trial.of().first());
        String second = aspect.words(trial.of().second());
        TrialMapper.Counts counts = row.counts();
        String took = quoted(first) + " took " + counts.firstTook() + " of " + counts.first() + ", " + quoted(second)
                + " " + counts.secondTook() + " of " + counts.second() + ": " + difference(row.difference());
        boolean early = row.reading() < trial.planned().readings();
        return switch (row.says()) {
            case FIRST -> took + ". " + quoted(first) + " takes better." + RANDOM + early(early);
            case SECOND -> took + ". " + quoted(second) + " takes better." + RANDOM + early(early);
            case OPEN ->
                (row.reading() == 1
                                ? "Read once"
                                : "Reading " + row.reading() + " of "
                                        + trial.planned().readings())
                        + ": not told apart yet. It goes on; what each took stays unsaid until then.";
            case ALIKE ->
                took + ". They are not told apart: a difference of "
                        + points(trial.planned().difference())
                        + " would have been, "
                        + Plain.number(PERCENT * trial.planned().power()) + " times in a hundred."
                        + RANDOM;
        };
    }

    private static String early(boolean early) {
        return early ? " Ended early, so the true difference is likely smaller than the one seen." : "";
    }

    /** A way in words, as one says it. */
    static String quoted(String words) {
        return "“" + words + "”";
    }

    private static String difference(TrialMapper.Difference difference) {
        return "the first " + points(Math.abs(difference.points())) + (difference.points() < 0 ? " less" : " more")
                + ", " + signed(difference.low()) + " to " + signed(difference.high());
    }

    static String points(double share) {
        long points = Math.round(PERCENT * share);
        return points + (points == 1 ? " point" : " points");
    }

    private static String signed(double share) {
        return Long.toString(Math.round(PERCENT * share)).replace('-', '−');
    }

    /** How often a trial may be read, and when. */
    static String plan(TrialRow.Planned planned, boolean hidden) {
        return planned.each() + " of each way; "
                + (planned.readings() == 1
                        ? "read once, when all are decided"
                        : "read at most " + planned.readings() + " times, the first time when "
                                + planned.size().due(1) + " are decided")
                + (hidden ? "; nobody who looks is told which way a graft was made." : ".");
    }
}
