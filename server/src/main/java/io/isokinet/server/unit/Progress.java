package io.isokinet.server.unit;

import io.isokinet.core.unit.Score;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.json.JsonMapper;

/**
 * Tells over one request how planning goes, a JSON object a line: its place among those who wait, the best so far, and at last what
 * came of it. Who closes the request cancels: the next line finds nobody and planning stops. A slow reader holds up nobody but this
 * request.
 */
class Progress implements PlanningDesk.Onlooker {
    /**
     * @param waitsFor units that are planned first; null once it is being planned
     * @param evaluations whole plans scored so far
     * @param score the best so far; null before the first
     * @param made the id of what came of it, in the last line; null before
     */
    public record ProgressLine(
            @Nullable Integer waitsFor,
            long evaluations,
            UnitView.@Nullable ScoreView score,
            @Nullable UUID made,
            @Nullable Object problem) {}

    private final HttpServletResponse response;
    private final JsonMapper json;
    private @Nullable Integer waitsFor;
    private UnitView.@Nullable ScoreView best;
    private long evaluations;
    private boolean gone;

    Progress(HttpServletResponse response, JsonMapper json) {
        this.response = response;
        this.json = json;
        response.setContentType("application/x-ndjson");
        response.setCharacterEncoding(StandardCharsets.UTF_8.name());
    }

    @Override
    public void waits(int before) {
        waitsFor = before;
    }

    @Override
    public void better(Score score, long soFar) {
        waitsFor = null;
        best = UnitView.ScoreView.of(score);
        evaluations = soFar;
    }

    @Override
    public boolean gone() {
        write(new ProgressLine(waitsFor, evaluations, best, null, null));
        return gone;
    }

    /** The last line: it worked. */
    void made(UUID id) {
        write(new ProgressLine(null, evaluations, best, id, null));
    }

    /**
     * The last line: it did not.
     *
     * @param problem as any other failure is told
     */
    void failed(Object problem) {
        write(new ProgressLine(null, evaluations, best, null, problem));
    }

    private void write(ProgressLine line) {
        try {
            response.getOutputStream().write((json.writeValueAsString(line) + "\n").getBytes(StandardCharsets.UTF_8));
            response.flushBuffer();
        } catch (IOException e) {
            gone = true;
        }
    }
}
