package io.isokinet.core.check;

import java.time.Duration;
import java.util.function.BooleanSupplier;
import org.jspecify.annotations.Nullable;

/**
 * Until when the work of a thread is wanted, and whether anybody still waits for it. What goes over units, lessons or children asks
 * at each of them; where nothing was set, as in planning or in a test, it goes on.
 */
public final class Deadline implements AutoCloseable {
    /** Whether anybody waits is asked at most this often: it costs a look at the connection. */
    private static final long BEAT = Duration.ofMillis(100).toNanos();

    private static final ThreadLocal<@Nullable Deadline> CURRENT = new ThreadLocal<>();

    private final long nanos;
    private final BooleanSupplier gone;
    private long end;
    private long nextLook;

    private Deadline(Duration most, BooleanSupplier gone) {
        this.nanos = most.toNanos();
        this.gone = gone;
        start();
    }

    private void start() {
        end = System.nanoTime() + nanos;
        nextLook = System.nanoTime() + BEAT;
    }

    /** The work is given up; nothing of it is kept. */
    public static final class PassedException extends RuntimeException {
        private PassedException(String message) {
            super(message);
        }
    }

    /**
     * For the work of this thread until it is closed.
     *
     * @param most how long it may take
     * @param gone whether nobody waits for it any more; asked on this thread
     */
    public static Deadline begin(Duration most, BooleanSupplier gone) {
        Deadline deadline = new Deadline(most, gone);
        CURRENT.set(deadline);
        return deadline;
    }

    /** Gives the work of this thread its whole time anew: after planning, which takes as long as was asked for. */
    public static void renew() {
        Deadline deadline = CURRENT.get();
        if (deadline != null) deadline.start();
    }

    /** @throws PassedException if the work of this thread is not wanted any more */
    public static void check() {
        Deadline deadline = CURRENT.get();
        if (deadline != null) deadline.look(System.nanoTime());
    }

    private void look(long now) {
        if (now - end >= 0)
            throw new PassedException("It took more than %d seconds."
                    .formatted(Duration.ofNanos(nanos).toSeconds()));
        if (now - nextLook < 0) return;
        nextLook = now + BEAT;
        if (gone.getAsBoolean()) throw new PassedException("Nobody waits for it any more.");
    }

    @Override
    public void close() {
        CURRENT.remove();
    }
}
