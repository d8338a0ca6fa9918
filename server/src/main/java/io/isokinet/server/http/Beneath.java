package io.isokinet.server.http;

import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.core.StandardHost;
import org.apache.catalina.valves.ErrorReportValve;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Failures below the controllers, said in the same way as all others: by the framework, or by the web server before it. */
@Component
class Beneath implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        factory.addContextCustomizers(
                context -> ((StandardHost) context.getParent()).setErrorReportValveClass(Report.class.getName()));
    }

    private static String title(int status) {
        HttpStatus known = HttpStatus.resolve(status);
        return known == null ? "It cannot be done this way" : known.getReasonPhrase();
    }

    private static String detail(int status) {
        return status >= 500
                ? "This is our fault, not yours. Nothing was changed; try once more."
                : "The request is not one that a browser makes. Reload the page and try again.";
    }

    /** In place of the web server's own page. */
    public static final class Report extends ErrorReportValve {
        @Override
        protected void report(Request request, Response response, Throwable failure) {
            int status = response.getStatus();
            if (status < 400 || response.getContentWritten() > 0 || !response.setErrorReported()) return;
            try {
                response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
                response.setCharacterEncoding(StandardCharsets.UTF_8.name());
                response.getReporter().write(Refusal.json(status, title(status), detail(status)));
                response.finishResponse();
            } catch (IOException | IllegalStateException e) {
                // The caller has gone; there is nobody to tell.
            }
        }
    }

    /** In place of the framework's own page. */
    @RestController
    static final class Said implements ErrorController {
        @RequestMapping("/error")
        ResponseEntity<ProblemDetail> error(HttpServletRequest request) {
            Object code = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE);
            int status = code instanceof Integer i ? i : 404;
            ProblemDetail problem = ProblemDetail.forStatus(status);
            problem.setTitle(title(status));
            problem.setDetail(detail(status));
            return ResponseEntity.status(status)
                    .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                    .body(problem);
        }
    }
}
