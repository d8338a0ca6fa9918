package io.isokinet.server.unit;

import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Score;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import java.util.function.BooleanSupplier;
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
     * @param lessons what is in the best so far, by lesson; null where it is as in the line before
     * @param made the id of what came of it, in the last line; null before
     */
    public record ProgressLine(
            @Nullable Integer waitsFor,
            long evaluations,
            UnitView.@Nullable ScoreView score,
            @Nullable List<List<SoFar>> lessons,
            @Nullable UUID made,
            @Nullable Object problem) {}

    /** A stretch of the best plan so far. */
    public record SoFar(String name, int minutes, @Nullable String skill, boolean play) {}

    private final HttpServletResponse response;
    private final JsonMapper json;
    private final BooleanSupplier taken;
    private @Nullable Integer waitsFor;
    private @Nullable Plan plan;
    private @Nullable Plan told;
    private UnitView.@Nullable ScoreView best;
    private long evaluations;
    private boolean gone;

    /** @param taken whether somebody wants the best so far as it is */
    Progress(HttpServletResponse response, JsonMapper json, BooleanSupplier taken) {
        this.response = response;
        this.json = json;
        this.taken = taken;
        response.setContentType("application/x-ndjson");
        response.setCharacterEncoding(StandardCharsets.UTF_8.name());
    }

    @Override
    public void waits(int before) {
        waitsFor = before;
    }

    @Override
    public void better(Plan now, Score score, long soFar) {
        waitsFor = null;
        plan = now;
        best = UnitView.ScoreView.of(score);
        evaluations = soFar;
    }

    @Override
    public boolean enough() {
        return taken.getAsBoolean();
    }

    @Override
    public boolean gone() {
        boolean fresh = plan != null && plan != told;
        write(new ProgressLine(waitsFor, evaluations, best, fresh ? lessons(plan) : null, null, null));
        told = plan;
        return gone;
    }

    private static List<List<SoFar>> lessons(Plan plan) {
        return plan.lessons().stream()
                .map(lesson -> lesson.stream()
                        .map(s -> new SoFar(
                                s.activity().name(),
                                s.minutes(),
                                s.activity().skill(),
                                s.activity().isGame()))
                        .toList())
                .toList();
    }

    /** The last line: it worked. */
    void made(UUID id) {
        write(new ProgressLine(null, evaluations, best, null, id, null));
    }

    /**
     * The last line: it did not.
     *
     * @param problem as any other failure is told
     */
    void failed(Object problem) {
        write(new ProgressLine(null, evaluations, best, null, null, problem));
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
