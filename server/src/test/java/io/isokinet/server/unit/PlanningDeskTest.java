package io.isokinet.server.unit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.Mockito.mock;

import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Score;
import io.isokinet.core.unit.UnitProblem;
import io.isokinet.core.unit.search.Outcome;
import io.isokinet.core.unit.search.UnitPlanner;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** Who waits, who is planned, and who is gone. */
class PlanningDeskTest {
    private static final Outcome NONE = new Outcome.Impossible(List.of("made up"));

    private final CountDownLatch goes = new CountDownLatch(1);
    private final AtomicInteger now = new AtomicInteger();
    private final AtomicInteger most = new AtomicInteger();
    private final AtomicInteger stopped = new AtomicInteger();
    private final ExecutorService askers = Executors.newCachedThreadPool();

    /** Plans until it is let go or nobody waits any more. */
    private final UnitPlanner planner = (problem, ids, effort, watcher) -> {
        most.accumulateAndGet(now.incrementAndGet(), Math::max);
        watcher.better(mock(Plan.class), new Score(0, 0, 1), 1);
        try {
            while (!goes.await(5, TimeUnit.MILLISECONDS))
                if (watcher.cancelled()) {
                    stopped.incrementAndGet();
                    break;
                }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        } finally {
            now.decrementAndGet();
        }
        return NONE;
    };

    private final PlanningDesk desk = new PlanningDesk(planner, 100, 2);

    @AfterEach
    void close() {
        goes.countDown();
        desk.close();
        askers.shutdownNow();
    }

    /** Tells what it was told last; gone when it is told to. */
    private static final class Told implements PlanningDesk.Onlooker {
        final Set<Integer> places = ConcurrentHashMap.newKeySet();
        volatile boolean gone;
        volatile boolean enough;
        volatile boolean seen;

        @Override
        public void waits(int before) {
            places.add(before);
        }

        @Override
        public void better(Plan best, Score score, long evaluations) {
            seen = true;
        }

        @Override
        public boolean enough() {
            return enough;
        }

        @Override
        public boolean gone() {
            return gone;
        }
    }

    private Future<Outcome> ask(Told told) {
        return askers.submit(() -> desk.plan(mock(UnitProblem.class), told));
    }

    private static void until(java.util.function.BooleanSupplier holds) throws InterruptedException {
        for (int i = 0; i < 3000 && !holds.getAsBoolean(); i++) Thread.sleep(10);
        assertThat(holds.getAsBoolean()).isTrue();
    }

    @Test
    void noMoreAtOnceThanThereIsRoomForAndTheOthersAreToldTheirPlace() throws Exception {
        List<Told> told = new ArrayList<>();
        List<Future<Outcome>> asked = new CopyOnWriteArrayList<>();
        for (int i = 0; i < 5; i++) {
            told.add(new Told());
            asked.add(ask(told.get(i)));
            int so = Math.min(i + 1, 2);
            if (i < 2) until(() -> now.get() == so);
            else {
                Told last = told.get(i);
                until(() -> !last.places.isEmpty());
            }
        }
        assertThat(told.get(2).places).containsExactly(2);
        assertThat(told.get(4).places).containsExactly(4);
        goes.countDown();
        for (Future<Outcome> one : asked)
            assertThat(one.get(30, TimeUnit.SECONDS)).isSameAs(NONE);
        assertThat(most.get()).isEqualTo(2);
    }

    @Test
    void whoGoesLeavesRoomForTheNext() throws Exception {
        Told first = new Told();
        Told second = new Told();
        Told third = new Told();
        Future<Outcome> one = ask(first);
        ask(second);
        until(() -> now.get() == 2);
        ask(third);
        until(() -> !third.places.isEmpty());
        first.gone = true;
        assertThatThrownBy(() -> one.get(30, TimeUnit.SECONDS)).hasCauseInstanceOf(CancelledException.class);
        until(() -> stopped.get() == 1 && now.get() == 2);
    }

    @Test
    void whoGoesWhileItWaitsIsNeverPlanned() throws Exception {
        ask(new Told());
        ask(new Told());
        until(() -> now.get() == 2);
        Told waiting = new Told();
        Future<Outcome> gone = ask(waiting);
        until(() -> !waiting.places.isEmpty());
        waiting.gone = true;
        assertThatThrownBy(() -> gone.get(30, TimeUnit.SECONDS)).hasCauseInstanceOf(CancelledException.class);
        assertThat(now.get()).isEqualTo(2);
        assertThat(stopped.get()).isZero();
    }

    @Test
    void whoHasEnoughGetsTheBestSoFar() throws Exception {
        Told told = new Told();
        Future<Outcome> asked = ask(told);
        until(() -> told.seen);
        told.enough = true;
        assertThat(asked.get(30, TimeUnit.SECONDS)).isSameAs(NONE);
        assertThat(stopped.get()).isEqualTo(1);
    }
}
