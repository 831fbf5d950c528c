package baylantern.app.fit;

import baylantern.app.platform.FarmProblem;
import jakarta.annotation.PreDestroy;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicLong;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Pairings under way, one at a time; each tells how far it is and can be stopped. The last few results are kept. */
@Component
class PairDesk {

    private static final int KEPT = 8;

    private final PairService pairs;
    private final ExecutorService worker = Executors.newSingleThreadExecutor(work -> {
        Thread thread = new Thread(work, "pairing");
        thread.setDaemon(true);
        return thread;
    });
    private final AtomicLong numbers = new AtomicLong();
    private final Map<Long, Job> jobs = new LinkedHashMap<>();

    PairDesk(PairService pairs) {
        this.pairs = pairs;
    }

    /**
     * How far a pairing is.
     *
     * @param problem why it failed, null where it did not
     */
    record PairWork(
            long id,
            int judged,
            int sticks,
            boolean finished,
            @Nullable String problem,
            @Nullable PairedView result) {}

    private static final class Job {
        private final int sticks;
        private volatile int judged;
        private volatile boolean cancelled;
        private volatile boolean finished;
        private volatile @Nullable String problem;
        private volatile @Nullable PairedView result;

        Job(int sticks) {
            this.sticks = sticks;
        }
    }

    PairWork begin(PairEntry entry) {
        pairs.check(entry);
        long id = numbers.incrementAndGet();
        Job job = new Job(entry.sticks().size());
        synchronized (jobs) {
            jobs.put(id, job);
            while (jobs.size() > KEPT) {
                Iterator<Job> byAge = jobs.values().iterator();
                byAge.next().cancelled = true;
                byAge.remove();
            }
        }
        worker.execute(() -> work(job, entry));
        return view(id, job);
    }

    private void work(Job job, PairEntry entry) {
        try {
            job.result = pairs.solve(entry, n -> job.judged = n, () -> job.cancelled);
        } catch (RuntimeException e) {
            job.problem = e.getMessage();
        } finally {
            job.finished = true;
        }
    }

    PairWork look(long id) {
        return view(id, job(id));
    }

    void stop(long id) {
        job(id).cancelled = true;
    }

    private Job job(long id) {
        synchronized (jobs) {
            Job job = jobs.get(id);
            if (job == null) {
                throw FarmProblem.unknown("pairing", id);
            }
            return job;
        }
    }

    private static PairWork view(long id, Job job) {
        boolean finished = job.finished;
        return new PairWork(
                id, job.judged, job.sticks, finished, job.problem, finished && !job.cancelled ? job.result : null);
    }

    @PreDestroy
    void close() {
        worker.shutdownNow();
    }
}
