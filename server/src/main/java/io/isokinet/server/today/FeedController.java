package io.isokinet.server.today;

import io.isokinet.server.account.Anybody;
import io.isokinet.server.account.MayRead;
import io.isokinet.server.table.TableWriter;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;

/** Calendars for other programs. */
@RestController
public class FeedController {
    private static final MediaType CALENDAR = new MediaType("text", "calendar", StandardCharsets.UTF_8);

    private final Feeds feeds;

    FeedController(Feeds feeds) {
        this.feeds = feeds;
    }

    /** @param madeAt null if there is no address */
    record FeedView(@Nullable Instant madeAt) {}

    /** @param path of the private address; it cannot be shown again */
    record FeedMade(String path) {}

    @GetMapping(value = "/api/calendar.ics", produces = "text/calendar")
    @MayRead
    @Transactional(readOnly = true)
    public ResponseEntity<byte[]> file() {
        return TableWriter.file("Lessons.ics", CALENDAR, feeds.own().getBytes(StandardCharsets.UTF_8));
    }

    @GetMapping(value = "/api/feeds/{secret}.ics", produces = "text/calendar")
    @Anybody
    ResponseEntity<byte[]> feed(@PathVariable String secret) {
        return ResponseEntity.ok()
                .contentType(CALENDAR)
                .cacheControl(CacheControl.noStore())
                .body(feeds.of(secret).getBytes(StandardCharsets.UTF_8));
    }

    @GetMapping("/api/me/feed")
    @MayRead
    FeedView made() {
        return new FeedView(feeds.made().orElse(null));
    }

    /** Makes a private address; the one before ends. */
    @PostMapping("/api/me/feed")
    @MayRead
    @Transactional
    public FeedMade make() {
        return new FeedMade("/api/feeds/" + feeds.make() + ".ics");
    }

    @DeleteMapping("/api/me/feed")
    @MayRead
    @Transactional
    public ResponseEntity<Void> end() {
        feeds.end();
        return ResponseEntity.noContent().build();
    }
}
