package baylantern.app.day;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Which way grafts of a day are made where two ways are tried against each other. */
public interface Arms {

    /**
     * A graft about to be made; in the order in which they will be.
     *
     * @param said what its line says for itself, as the facts name it: of that it is in no trial
     */
    record ToMake(long jobId, String speciesKey, long varietyId, String techniqueKey, long lotId, Set<String> said) {}

    /**
     * The way a graft is made.
     *
     * @param trial the number of the trial
     * @param pair the pair in it: both are made of one lot by one person, each another way
     * @param aspect what is tried, as the facts name it
     * @param kind the way, as the facts name it
     * @param words the way in words
     * @param hidden whether who looks later is not to know it
     */
    record Way(int trial, int pair, String aspect, String kind, String words, boolean hidden) {

        /** Whether it is one graft's pair with another's. */
        boolean pairedWith(Way other) {
            return trial == other.trial && pair == other.pair;
        }
    }

    /** Lays grafts of a day into the trials that run, in pairs; tells those that are in one now. */
    Map<Long, Way> lay(List<ToMake> grafts);

    /** What the trials that run will do with grafts as their day is begun, a sentence each; nothing is laid yet. */
    List<String> ahead(List<ToMake> grafts);

    /** The ways of the grafts of a day, by their jobs. */
    Map<Long, Way> of(LocalDate day);

    /** The ways of grafts made or to be made, by their codes. */
    Map<String, Way> ofCodes(Collection<String> codes);
}
