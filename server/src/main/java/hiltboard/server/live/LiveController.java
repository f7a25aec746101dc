package hiltboard.server.live;

import io.swagger.v3.oas.annotations.Hidden;
import java.security.Principal;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** The stream of changes (text/event-stream). It resumes behind the last event that a page has seen. */
@Hidden
@RestController
class LiveController {
    private final LiveStream live;
    private final Journal journal;

    LiveController(LiveStream live, Journal journal) {
        this.live = live;
        this.journal = journal;
    }

    @GetMapping(path = "/api/live", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter open(
            @RequestParam(defaultValue = "0") long after,
            @RequestHeader(name = "Last-Event-ID", required = false) Long lastSeen,
            Principal who) {
        long from = lastSeen == null ? after : lastSeen;
        return live.open(who.getName(), () -> journal.after(from, LiveStream.REPLAYED_AT_MOST));
    }
}
