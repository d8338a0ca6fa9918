package io.isokinet.server.http;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.SQLException;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.UncategorizedSQLException;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;
import tools.jackson.databind.json.JsonMapper;

/** The states are those of PostgreSQL's manual, appendix A: 53100 is disk_full, 23505 unique_violation. */
class DatabaseFullTest {
    private final DatabaseGone filter = new DatabaseGone(JsonMapper.builder().build());

    @Test
    void aFullDiskIsSaidAsSuch() throws Exception {
        MockHttpServletResponse answer = new MockHttpServletResponse();
        filter.doFilter(new MockHttpServletRequest(), answer, (request, response) -> {
            throw new UncategorizedSQLException("insert", null, new SQLException("could not extend file", "53100"));
        });
        assertThat(answer.getStatus()).isEqualTo(507);
        assertThat(answer.getContentType()).startsWith("application/problem+json");
        assertThat(answer.getContentAsString()).contains("The disk that the database is on is full.");
    }

    @Test
    void anotherFailureIsNotTheDatabases() {
        assertThat(DatabaseGone.isCauseOf(new IllegalStateException(new SQLException("twice", "23505"))))
                .isFalse();
    }
}
