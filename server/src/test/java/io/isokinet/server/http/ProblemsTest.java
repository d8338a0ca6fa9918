package io.isokinet.server.http;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.springframework.orm.jpa.JpaSystemException;
import org.springframework.transaction.TransactionTimedOutException;

class ProblemsTest {
    private final Problems problems = new Problems();

    @Test
    void whatTakesTooLongIsGivenUpInWords() {
        for (RuntimeException late : new RuntimeException[] {
            new TransactionTimedOutException("late"),
            // As Hibernate says it.
            new JpaSystemException(new IllegalStateException("Transaction timeout expired"))
        }) {
            assertThat(problems.tooLong(late).getStatus()).isEqualTo(503);
            assertThat(problems.tooLong(late).getDetail())
                    .contains("Nothing was changed")
                    .doesNotContain("expired");
        }
        assertThat(problems.tooLong(new JpaSystemException(new IllegalStateException("lost")))
                        .getStatus())
                .isEqualTo(500);
    }
}
