package baylantern.app.day;

import java.util.List;
import java.util.Optional;

/** A printer that takes strips of labels off a roll. */
public interface LabelPrinter {

    /**
     * How the printer stands.
     *
     * @param left labels left on the roll
     * @param printed what was printed lately, newest first
     */
    record Standing(int left, List<String> printed) {}

    Standing standing();

    /**
     * Prints strips, all or none.
     *
     * @param strips a PDF, a label a page
     * @param labels how many it holds
     * @return what it is called among what was printed
     * @throws OutOfLabels where the roll does not hold so many
     */
    String print(byte[] strips, int labels) throws OutOfLabels;

    /** A full roll is put in. */
    void newRoll();

    /** What was printed under a name, as a picture (PNG); empty where nothing was. */
    Optional<byte[]> picture(String name);

    /** The roll is too short. */
    final class OutOfLabels extends Exception {

        private static final long serialVersionUID = 1L;

        public OutOfLabels(int left) {
            super("The label printer has " + left + " labels left on its roll: put in a new one.");
        }
    }
}
