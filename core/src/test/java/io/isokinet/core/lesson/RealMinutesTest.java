package io.isokinet.core.lesson;

import static io.isokinet.core.lesson.RealMinutes.Does.BEGIN;
import static io.isokinet.core.lesson.RealMinutes.Does.NEXT;
import static io.isokinet.core.lesson.RealMinutes.Does.PAUSE;
import static io.isokinet.core.lesson.RealMinutes.Does.REPEAT;
import static io.isokinet.core.lesson.RealMinutes.Does.RESUME;
import static io.isokinet.core.lesson.RealMinutes.Does.SET;
import static org.assertj.core.api.Assertions.assertThat;

import io.isokinet.core.lesson.RealMinutes.Does;
import io.isokinet.core.lesson.RealMinutes.Event;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class RealMinutesTest {
    private final List<Event> log = new ArrayList<>();

    private RealMinutesTest at(int second, Does does) {
        log.add(new Event(does, Instant.ofEpochSecond(second)));
        return this;
    }

    private List<Long> seconds() {
        return RealMinutes.of(log).stream().map(Duration::toSeconds).toList();
    }

    @Test
    void eachStretchRunsFromTheOneBeforeIt() {
        assertThat(at(10, BEGIN).at(130, NEXT).at(400, NEXT).seconds()).containsExactly(120L, 270L);
    }

    @Test
    void pausesAreLeftOutAndRepeatsAddedUp() {
        assertThat(at(0, BEGIN).at(60, PAUSE).at(90, RESUME).at(150, NEXT).seconds())
                .containsExactly(120L);
        assertThat(at(250, REPEAT).at(300, NEXT).seconds()).containsExactly(120L, 150L);
        // The next stretch runs, though the clock stood.
        assertThat(at(310, PAUSE).at(400, NEXT).at(430, NEXT).seconds()).containsExactly(120L, 150L, 10L, 30L);
    }

    @Test
    void aChangeLastsFromThePressUntilTheyPlayAndLeavesTheMinutesAlone() {
        at(0, BEGIN)
                .at(60, NEXT)
                .at(95, SET)
                .at(120, PAUSE)
                .at(125, SET)
                .at(130, RESUME)
                .at(200, NEXT);
        assertThat(RealMinutes.changes(log)).containsExactly(Map.entry(1, Duration.ofSeconds(35)));
        assertThat(seconds()).containsExactly(60L, 130L);
        assertThat(RealMinutes.changes(List.of(new Event(SET, Instant.EPOCH)))).isEmpty();
    }

    @Test
    void goesAreAsFarApartAsTheirMiddleGap() {
        List<Instant> goes = new ArrayList<>();
        for (int second : new int[] {0, 14, 30, 45, 900, 916}) goes.add(Instant.ofEpochSecond(second));
        assertThat(RealMinutes.betweenGoes(goes)).contains(Duration.ofSeconds(16));
        assertThat(RealMinutes.betweenGoes(goes.subList(0, 3))).isEmpty();
    }

    @Test
    void nothingCountsBeforeTheBeginningAndASecondOneChangesNothing() {
        assertThat(at(5, NEXT).at(10, BEGIN).at(40, BEGIN).at(70, NEXT).seconds())
                .containsExactly(60L);
        assertThat(RealMinutes.of(List.of())).isEmpty();
    }
}
