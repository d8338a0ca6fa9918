package io.isokinet.server.calendar;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.List;
import java.util.concurrent.Executors;
import java.util.concurrent.locks.LockSupport;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** An office that answers, and one that never comes to an end. */
class CalendarAddressTest {
    private static final byte[] CALENDAR = "BEGIN:VCALENDAR\r\nEND:VCALENDAR\r\n".getBytes(StandardCharsets.US_ASCII);

    private HttpServer office;
    private String host;

    @BeforeEach
    void open() throws IOException {
        office = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
        office.setExecutor(Executors.newCachedThreadPool());
        office.createContext("/whole", e -> answer(e, 1, Duration.ZERO));
        office.createContext("/drops", e -> answer(e, Integer.MAX_VALUE, Duration.ofMillis(20)));
        office.createContext("/endless", e -> answer(e, Integer.MAX_VALUE, Duration.ZERO));
        office.start();
        host = "localhost:" + office.getAddress().getPort();
    }

    @AfterEach
    void close() {
        office.stop(0);
    }

    private static void answer(HttpExchange asked, int times, Duration between) throws IOException {
        asked.sendResponseHeaders(200, 0);
        try (OutputStream out = asked.getResponseBody()) {
            for (int i = 0; i < times; i++) {
                out.write(CALENDAR);
                out.flush();
                LockSupport.parkNanos(between.toNanos());
            }
        }
    }

    private byte[] fetch(String path, Duration patience) throws IOException {
        return new CalendarAddress(List.of(host), patience).fetch(URI.create("http://" + host + path));
    }

    @Test
    void whatIsWholeIsTaken() throws IOException {
        assertThat(fetch("/whole", Duration.ofMinutes(1))).isEqualTo(CALENDAR);
    }

    @Test
    void whoAnswersInDropsIsNotWaitedFor() {
        assertThatThrownBy(() -> fetch("/drops", Duration.ofSeconds(1)))
                .isInstanceOf(IOException.class)
                .hasMessage("It did not send all of it within 1 s.");
    }

    @Test
    void whoSendsTooMuchIsNotReadToTheEnd() {
        assertThatThrownBy(() -> fetch("/endless", Duration.ofMinutes(5)))
                .isInstanceOf(IOException.class)
                .hasMessage("It has more than 5 MB.");
    }
}
