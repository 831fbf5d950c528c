package baylantern.app.platform;

import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * Where screens listen for what others change, and ask what they missed. Listening has no end, and so is no answer of the API
 * document.
 */
@RestController
class FeedController {

    private final ChangeFeed feed;
    private final Doer doer;

    FeedController(ChangeFeed feed, Doer doer) {
        this.feed = feed;
        this.doer = doer;
    }

    @Needs(Role.GUEST)
    @GetMapping(path = "/api/changes", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter changes() {
        return feed.listen(doer.device());
    }

    /** What changed since a mark was heard. */
    @Needs(Role.GUEST)
    @GetMapping("/api/changes/since")
    ChangeFeed.Since since(@RequestParam String mark) {
        return feed.since(mark);
    }
}
