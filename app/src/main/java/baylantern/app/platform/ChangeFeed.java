package baylantern.app.platform;

import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicLong;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * Tells every screen that listens which facts were changed, as soon as they are. Each change has a mark that counts on from
 * the one before; who hears a mark that does not follow, knows that something was missed.
 */
@Component
public class ChangeFeed {

    private static final long STILL_HERE_MS = 15_000;
    private static final int MOST = 200;

    /** Of one start of the application the marks count on; of another they are others. */
    private final String start = UUID.randomUUID().toString().substring(0, 8);

    private final AtomicLong count = new AtomicLong();

    /** Which change of a fact was its newest. */
    private final Map<Fact, Long> newest = new EnumMap<>(Fact.class);

    private final Set<FeedListener> listeners = ConcurrentHashMap.newKeySet();
    private final ExecutorService senders = Executors.newCachedThreadPool(work -> {
        Thread thread = new Thread(work, "tells what changed");
        thread.setDaemon(true);
        return thread;
    });

    /** The mark of the newest change. */
    String mark() {
        return mark(count.get());
    }

    private String mark(long nth) {
        return start + "-" + nth;
    }

    /**
     * What changed since a mark.
     *
     * @param mark the newest change: what came until then is told
     * @param facts the facts that changed; null where the mark is of another start, and nobody knows
     */
    record Since(String mark, @Nullable Set<Fact> facts) {}

    /** What changed since a mark, so that somebody who was away need not take everything for changed. */
    synchronized Since since(String mark) {
        Matcher known = Pattern.compile(start + "-(\\d{1,18})").matcher(mark);
        if (!known.matches()) {
            return new Since(mark(), null);
        }
        long nth = Long.parseLong(known.group(1));
        Set<Fact> changed = EnumSet.noneOf(Fact.class);
        newest.forEach((fact, at) -> {
            if (at > nth) {
                changed.add(fact);
            }
        });
        return new Since(mark(), nth > count.get() ? null : changed);
    }

    /**
     * Listens until the line is let go. It hears the newest mark first, and each change after that.
     *
     * @param device the device that listens, null at the farm's own screen
     */
    synchronized SseEmitter listen(@Nullable String device) {
        if (listeners.size() >= MOST) {
            throw FarmProblem.conflict("Too many screens listen at once.");
        }
        FeedListener one = new FeedListener(new SseEmitter(0L), device, senders, listeners::remove);
        listeners.add(one);
        one.tell(FeedListener.News.here(mark()));
        return one.emitter();
    }

    /**
     * Tells what was changed. Nobody waits for whoever listens.
     *
     * @param by the request that changed it; null where none did
     */
    synchronized void tell(Set<Fact> facts, @Nullable String by) {
        long nth = count.incrementAndGet();
        facts.forEach(fact -> newest.put(fact, nth));
        FeedListener.News news =
                new FeedListener.News(mark(nth), (by == null ? "-" : by) + " " + FactsAdvice.words(facts));
        listeners.forEach(one -> one.tell(news));
    }

    /** A device that is signed in no longer hears nothing more. */
    public void hangUp(String device) {
        listeners.stream().filter(one -> device.equals(one.device())).forEach(FeedListener::end);
    }

    /** A line nobody is at any more is found by speaking into it; who is there hears that nothing was missed. */
    @Scheduled(initialDelay = STILL_HERE_MS, fixedDelay = STILL_HERE_MS)
    synchronized void stillHere() {
        listeners.forEach(one -> one.tell(FeedListener.News.here(mark())));
    }

    /** The application ends: it does not wait for lines that would stay open for ever. */
    @EventListener(ContextClosedEvent.class)
    void end() {
        listeners.forEach(FeedListener::end);
        senders.shutdown();
    }
}
