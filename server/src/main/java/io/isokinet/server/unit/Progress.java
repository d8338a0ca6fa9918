package io.isokinet.server.unit;

import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Score;
import io.isokinet.core.unit.UnitPlanner;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.json.JsonMapper;

/**
 * Tells over one request how planning goes, a JSON object a line: the best so far, and at last what came of it. Who closes the
 * request cancels: the next line finds nobody and planning stops.
 */
class Progress implements UnitPlanner.Watcher {
    /** In nanoseconds: not more often than eyes can read, and often enough to know soon that nobody is there. */
    private static final long BEAT = 100_000_000;

    /**
     * @param evaluations whole plans scored so far @param score the best so far; null before the first
     * @param made the id of what came of it, in the last line; null before
     */
    public record ProgressLine(
            long evaluations,
            UnitView.@Nullable ScoreView score,
            @Nullable UUID made,
            @Nullable Object problem) {}

    private final HttpServletResponse response;
    private final JsonMapper json;
    private UnitView.@Nullable ScoreView best;
    private long evaluations;
    private long last = System.nanoTime();
    private boolean told;
    private boolean gone;

    Progress(HttpServletResponse response, JsonMapper json) {
        this.response = response;
        this.json = json;
        response.setContentType("application/x-ndjson");
        response.setCharacterEncoding(StandardCharsets.UTF_8.name());
    }

    @Override
    public void better(Plan plan, Score score, long soFar) {
        best = new UnitView.ScoreView(score.hard(), score.medium(), score.soft());
        evaluations = soFar;
        if (told && System.nanoTime() - last < BEAT) return;
        told = true;
        write(new ProgressLine(soFar, best, null, null));
    }

    @Override
    public boolean cancelled() {
        if (!gone && System.nanoTime() - last > BEAT) write(new ProgressLine(evaluations, best, null, null));
        return gone;
    }

    /** The last line: it worked. */
    void made(UUID id) {
        write(new ProgressLine(evaluations, best, id, null));
    }

    /** The last line: it did not. @param problem as any other failure is told */
    void failed(Object problem) {
        write(new ProgressLine(evaluations, best, null, problem));
    }

    private void write(ProgressLine line) {
        last = System.nanoTime();
        try {
            response.getOutputStream().write((json.writeValueAsString(line) + "\n").getBytes(StandardCharsets.UTF_8));
            response.flushBuffer();
        } catch (IOException e) {
            gone = true;
        }
    }
}
