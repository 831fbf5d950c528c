package baylantern.core.day.crew;

import java.util.List;

/**
 * How a day went.
 *
 * @param lanes the day of each person, as the team stands
 * @param finish when the last graft was done, minutes after the day began
 * @param openFaces cut faces that waited for a wrapper longer than may be, as minutes they waited, with the block
 * @param longestFace the longest wait of one, minutes; 0 where nobody waits for another
 */
public record Flow(List<Of> lanes, double finish, List<Open> openFaces, double longestFace) {

    /** The day of one person. */
    public record Of(Hand hand, List<Span> spans) {

        /** Share of the time they were there that they had nothing to do, 0 to 1. */
        public double idle() {
            double waits = spans.stream()
                    .filter(span -> span.doing() == Span.Doing.WAIT)
                    .mapToDouble(span -> span.until() - span.from())
                    .sum();
            double there = spans.isEmpty() ? 0 : spans.get(spans.size() - 1).until() - hand.fromMinute();
            return there > 0 ? waits / there : 0;
        }
    }

    /** A cut face that waited. */
    public record Open(String block, double atMinute, double minutes) {}
}
