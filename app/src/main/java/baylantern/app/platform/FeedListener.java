package baylantern.app.platform;

import java.io.IOException;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.concurrent.Executor;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** One screen that listens. What it is told waits here for its line, however slow that is; nobody else waits for it. */
final class FeedListener {

    /** So much that waits is no longer worth its reading: the screen is told that it missed something. */
    private static final int MOST_WAITING = 64;

    /**
     * Something to be told.
     *
     * @param mark the newest change there is
     * @param changed who changed what; null where it only says how far things are
     */
    record News(String mark, @Nullable String changed) {

        static News here(String mark) {
            return new News(mark, null);
        }
    }

    private final SseEmitter emitter;
    private final @Nullable String device;
    private final Executor senders;
    private final Deque<News> waiting = new ArrayDeque<>();
    private boolean sending;

    FeedListener(SseEmitter emitter, @Nullable String device, Executor senders, Consumer<FeedListener> gone) {
        this.emitter = emitter;
        this.device = device;
        this.senders = senders;
        emitter.onCompletion(() -> gone.accept(this));
        emitter.onError(why -> gone.accept(this));
    }

    SseEmitter emitter() {
        return emitter;
    }

    /** The device that listens, null at the farm's own screen. */
    @Nullable
    String device() {
        return device;
    }

    void tell(News news) {
        synchronized (waiting) {
            waiting.add(news);
            if (waiting.size() > MOST_WAITING) {
                waiting.clear();
                waiting.add(News.here(news.mark()));
            }
            if (sending) {
                return;
            }
            sending = true;
        }
        senders.execute(this::send);
    }

    private void send() {
        for (News news = next(); news != null; news = next()) {
            SseEmitter.SseEventBuilder event = SseEmitter.event().id(news.mark());
            sent(
                    news.changed() == null
                            ? event.name("here").data(news.mark())
                            : event.name("changed").data(news.changed()));
        }
    }

    private @Nullable News next() {
        synchronized (waiting) {
            News news = waiting.poll();
            sending = news != null;
            return news;
        }
    }

    // A line that broke ends by itself: the container says so to the emitter.
    private void sent(SseEmitter.SseEventBuilder event) {
        try {
            emitter.send(event);
        } catch (IOException | IllegalStateException e) {
            emitter.complete();
        }
    }

    void end() {
        emitter.complete();
    }
}
