package baylantern.app.platform;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.function.Function;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * What was worked out of many things, each by itself: where one fails the others stand, and it is said.
 *
 * @param done what came of those that went well, in their order
 * @param failed a sentence for each that did not
 */
public record EachAlone<T>(List<T> done, List<String> failed) {

    private static final Logger LOG = LoggerFactory.getLogger(EachAlone.class);

    /** Works out each; the words say what a thing is, for instance "The lamp of Pale Buoy at the Bench". */
    public static <S, T> EachAlone<T> of(Collection<S> all, Function<S, T> work, Function<S, String> words) {
        List<T> done = new ArrayList<>();
        List<String> failed = new ArrayList<>();
        for (S one : all) {
            try {
                done.add(work.apply(one));
            } catch (RuntimeException e) {
                LOG.error("{} cannot be reckoned", words.apply(one), e);
                failed.add(words.apply(one) + " cannot be reckoned now. The rest stands.");
            }
        }
        return new EachAlone<>(List.copyOf(done), List.copyOf(failed));
    }

    /** Of what went well something further, each again by itself. */
    public <R> EachAlone<R> then(Function<T, R> work, Function<T, String> words) {
        EachAlone<R> next = of(done, work, words);
        List<String> all = new ArrayList<>(failed);
        all.addAll(next.failed);
        return new EachAlone<>(next.done, List.copyOf(all));
    }
}
