package io.isokinet.server.http;

import io.isokinet.core.check.Deadline;
import jakarta.servlet.ServletException;
import java.io.IOException;
import java.time.Duration;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ValveBase;
import org.apache.coyote.ActionCode;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.stereotype.Component;

/**
 * How long a request is worked on: a minute, planning apart, and not after its caller has closed the connection, so that what nobody
 * waits for does not pile up.
 */
@Component
class Patience implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
    private static final Duration MOST = Duration.ofMinutes(1);

    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        factory.addEngineValves(new Waiting(MOST));
    }

    /** Sets the deadline of each request. */
    static final class Waiting extends ValveBase {
        private final Duration most;

        Waiting(Duration most) {
            super(true);
            this.most = most;
        }

        @Override
        public void invoke(Request request, Response response) throws IOException, ServletException {
            org.apache.coyote.Request wire = request.getCoyoteRequest();
            try (Deadline deadline = Deadline.begin(most, () -> hasGone(wire))) {
                getNext().invoke(request, response);
            }
        }

        /**
         * The web server looks for more to read without waiting for it, and says that there is one byte where the connection is closed.
         * What came of a next request stays in its buffer.
         */
        private static boolean hasGone(org.apache.coyote.Request wire) {
            wire.action(ActionCode.AVAILABLE, true);
            return wire.getAvailable() == 1;
        }
    }
}
