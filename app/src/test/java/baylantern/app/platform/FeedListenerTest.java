package baylantern.app.platform;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** What waits for a line that is slow. */
class FeedListenerTest {

    private final List<String> sent = new ArrayList<>();
    private final Deque<Runnable> held = new ArrayDeque<>();
    private final FeedListener listener = new FeedListener(
            new SseEmitter(0L) {
                @Override
                public void send(SseEventBuilder event) {
                    sent.add(event.build().stream()
                            .map(part -> String.valueOf(part.getData()))
                            .collect(Collectors.joining()));
                }
            },
            null,
            held::add,
            gone -> {});

    private void told(int changes) {
        for (int nth = 1; nth <= changes; nth++) {
            listener.tell(new FeedListener.News("s-" + nth, "- LOOKS"));
        }
        assertThat(held).as("one at a time speaks into a line").hasSize(1);
        held.remove().run();
    }

    @Test
    void whatWaitedIsToldInOrder() {
        told(3);
        assertThat(sent).hasSize(3);
        assertThat(sent.get(0)).contains("id:s-1\n", "event:changed\n", "- LOOKS");
        assertThat(sent.get(2)).contains("id:s-3\n");
        // A line that is free again is spoken into at once.
        told(1);
        assertThat(sent).hasSize(4);
    }

    @Test
    void whatIsTooMuchIsToldAsMissed() {
        told(100);
        // What stands there does not follow what was heard before, and so everything is read anew.
        assertThat(sent.get(0)).contains("event:here\n", "s-65");
        assertThat(sent).hasSize(36);
        assertThat(sent.get(35)).contains("id:s-100\n", "event:changed\n");
    }
}
