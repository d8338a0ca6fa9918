package io.isokinet.server.http;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import org.jspecify.annotations.Nullable;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import tools.jackson.databind.json.JsonMapper;

/** When the database is gone or full already for the session: the same plain answer, before any other filter fails. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class DatabaseGone extends OncePerRequestFilter {
    private static final String CONNECTION_STATES = "08";
    private static final String SHUTDOWN_STATES = "57P";
    private static final String DISK_FULL = "53100";

    private final JsonMapper json;

    DatabaseGone(JsonMapper json) {
        this.json = json;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        try {
            chain.doFilter(request, response);
        } catch (RuntimeException | ServletException e) {
            if (!isCauseOf(e) || response.isCommitted()) throw e;
            response.reset();
            ProblemDetail problem = problem(e);
            response.setStatus(problem.getStatus());
            response.setHeader("Retry-After", "5");
            response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
            response.getOutputStream().write(json.writeValueAsBytes(problem));
        }
    }

    static boolean isCauseOf(Throwable failure) {
        for (@Nullable Throwable t = failure; t != null; t = t.getCause()) {
            if (t instanceof SQLTransientConnectionException) return true;
            if (t instanceof SQLException sql && (isConnection(sql) || isFull(sql))) return true;
        }
        return false;
    }

    private static boolean isFull(SQLException failure) {
        return DISK_FULL.equals(failure.getSQLState());
    }

    private static boolean isFull(Throwable failure) {
        for (@Nullable Throwable t = failure; t != null; t = t.getCause())
            if (t instanceof SQLException sql && isFull(sql)) return true;
        return false;
    }

    private static boolean isConnection(SQLException failure) {
        String state = failure.getSQLState();
        // The pool's own word, without a state, for a connection that broke while it was lent out.
        if (state == null) return "Connection is closed".equals(failure.getMessage());
        return state.startsWith(CONNECTION_STATES) || state.startsWith(SHUTDOWN_STATES);
    }

    /** What to tell of it. */
    static ProblemDetail problem(Throwable failure) {
        if (isFull(failure)) {
            ProblemDetail full = ProblemDetail.forStatusAndDetail(
                    HttpStatus.INSUFFICIENT_STORAGE,
                    "The disk that the database is on is full. Nothing was changed. Make room on it and try again; what is not saved yet stays on this device.");
            full.setTitle("The disk is full");
            return full;
        }
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(
                HttpStatus.SERVICE_UNAVAILABLE,
                "The database does not answer. Nothing was changed. Wait a moment and try again; if it stays, start it with bin/db start.");
        problem.setTitle("The database does not answer");
        return problem;
    }
}
