package io.isokinet.server.unit;

import io.isokinet.core.check.Deadline;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Score;
import io.isokinet.core.unit.UnitProblem;
import io.isokinet.core.unit.search.Outcome;
import io.isokinet.core.unit.search.UnitPlanner;
import io.isokinet.planner.TimefoldPlanner;
import io.isokinet.server.http.Ids;
import jakarta.annotation.PreDestroy;
import java.util.ArrayList;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Where units are planned: as many at once as leave one processor to everybody else, in the order in which they came. Planning is
 * computation alone; whoever asks holds no transaction meanwhile, and is told how it goes on the thread that asked.
 */
@Component
class PlanningDesk {
    /** Milliseconds: as often as eyes can read, and soon enough to notice that nobody waits any more. */
    private static final long BEAT = 100;

    private final UnitPlanner planner;
    private final int effort;
    private final ThreadPoolExecutor workers;

    /** @param effort whole plans that the planner may score for one unit @param most units planned at once; 0 for all processors but one */
    @Autowired
    PlanningDesk(
            @Value("${isokinet.planning-effort:" + TimefoldPlanner.USUAL_EFFORT + "}") int effort,
            @Value("${isokinet.planned-at-once:0}") int most) {
        this(
                new TimefoldPlanner(),
                effort,
                most > 0 ? most : Math.max(1, Runtime.getRuntime().availableProcessors() - 1));
    }

    PlanningDesk(UnitPlanner planner, int effort, int threads) {
        this.planner = planner;
        this.effort = effort;
        this.workers = new ThreadPoolExecutor(
                threads, threads, 0, TimeUnit.SECONDS, new LinkedBlockingQueue<>(), PlanningDesk::thread);
    }

    private static Thread thread(Runnable work) {
        Thread thread = new Thread(work, "planning");
        thread.setDaemon(true);
        // Who reads or records comes first.
        thread.setPriority(Thread.MIN_PRIORITY);
        return thread;
    }

    /** Looks on while a unit is planned, on the thread that asked for it. */
    interface Onlooker {
        /** @param before how many are planned before it begins */
        void waits(int before);

        /** @param best the best so far, with its score @param evaluations whole plans that were scored for it */
        void better(Plan best, Score score, long evaluations);

        /** Asked at every beat; true takes the best so far. */
        boolean enough();

        /** Asked at every beat; true stops the planning. */
        boolean gone();

        Onlooker NONE = new Onlooker() {
            @Override
            public void waits(int before) {}

            @Override
            public void better(Plan best, Score score, long evaluations) {}

            @Override
            public boolean enough() {
                return false;
            }

            @Override
            public boolean gone() {
                return false;
            }
        };
    }

    /** @throws CancelledException if the onlooker is gone */
    Outcome plan(UnitProblem problem, Onlooker onlooker) {
        if (TransactionSynchronizationManager.isActualTransactionActive())
            throw new IllegalStateException("Impossible state: a transaction is held while a unit is planned.");
        Work work = new Work();
        FutureTask<Outcome> task =
                new FutureTask<>(() -> planner.plan(problem, () -> Ids.next().toString(), effort, work));
        workers.execute(task);
        try {
            while (true) {
                try {
                    return task.get(BEAT, TimeUnit.MILLISECONDS);
                } catch (TimeoutException e) {
                    tell(task, work, onlooker);
                }
            }
        } catch (ExecutionException e) {
            if (e.getCause() instanceof RuntimeException failure) throw failure;
            throw new IllegalStateException("Impossible state: planning failed.", e.getCause());
        } catch (InterruptedException e) {
            work.stopped = true;
            workers.remove(task);
            Thread.currentThread().interrupt();
            throw new CancelledException();
        } finally {
            Deadline.renew();
        }
    }

    private void tell(FutureTask<Outcome> task, Work work, Onlooker onlooker) {
        int before = new ArrayList<Runnable>(workers.getQueue()).indexOf(task);
        Best best = work.best;
        if (before >= 0) onlooker.waits(before + workers.getActiveCount());
        else if (best != null) onlooker.better(best.plan(), best.score(), best.evaluations());
        if (best != null && onlooker.enough()) work.stopped = true;
        if (!onlooker.gone()) return;
        work.stopped = true;
        workers.remove(task);
        throw new CancelledException();
    }

    private record Best(Plan plan, Score score, long evaluations) {}

    /** What the planner says and is told, between its thread and the one that asked. */
    private static final class Work implements UnitPlanner.Watcher {
        private volatile @Nullable Best best;
        private volatile boolean stopped;

        @Override
        public void better(Plan plan, Score score, long evaluations) {
            best = new Best(plan, score, evaluations);
        }

        @Override
        public boolean cancelled() {
            return stopped;
        }
    }

    @PreDestroy
    void close() {
        workers.shutdownNow();
    }
}
