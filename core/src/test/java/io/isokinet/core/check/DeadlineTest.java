package io.isokinet.core.check;

import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.util.concurrent.atomic.AtomicBoolean;
import org.junit.jupiter.api.Test;

class DeadlineTest {
    @Test
    void whereNoneWasSetWorkGoesOn() {
        assertThatCode(Deadline::check).doesNotThrowAnyException();
        assertThatCode(Deadline::renew).doesNotThrowAnyException();
    }

    @Test
    void workEndsWhenItsTimeIsOverAndNotAfterItWasClosed() {
        try (Deadline over = Deadline.begin(Duration.ZERO, () -> false)) {
            assertThatThrownBy(Deadline::check)
                    .isInstanceOf(Deadline.PassedException.class)
                    .hasMessageContaining("more than 0 seconds");
        }
        assertThatCode(Deadline::check).doesNotThrowAnyException();
    }

    @Test
    void workEndsWhenNobodyWaits() {
        AtomicBoolean gone = new AtomicBoolean();
        try (Deadline waited = Deadline.begin(Duration.ofHours(1), gone::get)) {
            Deadline.check();
            gone.set(true);
            assertThatThrownBy(() -> {
                        while (true) Deadline.check();
                    })
                    .isInstanceOf(Deadline.PassedException.class)
                    .hasMessageContaining("Nobody waits");
        }
    }

    @Test
    void itCanBeGivenAnew() throws InterruptedException {
        Duration most = Duration.ofMillis(300);
        try (Deadline deadline = Deadline.begin(most, () -> false)) {
            Thread.sleep(most.toMillis() + 1);
            assertThatThrownBy(Deadline::check).isInstanceOf(Deadline.PassedException.class);
            Deadline.renew();
            assertThatCode(Deadline::check).doesNotThrowAnyException();
        }
    }
}
