package baylantern.app;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.CyclicBarrier;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;

/** Lets several do something in the same moment. */
final class AtOnce {

    private AtOnce() {}

    /** All of it, begun together; the answers in the same order. */
    static <T> List<T> of(List<? extends Callable<T>> works) throws Exception {
        CyclicBarrier start = new CyclicBarrier(works.size());
        ExecutorService hands = Executors.newFixedThreadPool(works.size());
        try {
            List<Future<T>> begun = new ArrayList<>();
            for (Callable<T> work : works) {
                begun.add(hands.submit(() -> {
                    start.await();
                    return work.call();
                }));
            }
            List<T> answers = new ArrayList<>();
            for (Future<T> one : begun) {
                answers.add(one.get());
            }
            return answers;
        } finally {
            hands.shutdownNow();
        }
    }

    /** The same so many times. */
    static <T> List<T> of(int times, Callable<T> work) throws Exception {
        return of(IntStream.range(0, times).mapToObj(i -> work).toList());
    }
}
