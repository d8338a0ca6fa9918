package io.isokinet.server.http;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.http.MediaType;

/** Problem details (RFC 9457) from where no controller is reached. */
public final class Refusal {
    private Refusal() {}

    /** @param title and {@code detail} our own words, never what was sent */
    public static void write(HttpServletResponse response, int status, String title, String detail) throws IOException {
        response.setStatus(status);
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.setCharacterEncoding("UTF-8");
        response.getWriter().write(json(status, title, detail));
    }

    static String json(int status, String title, String detail) {
        return "{\"title\":\"%s\",\"status\":%d,\"detail\":\"%s\"}".formatted(title, status, detail);
    }
}
