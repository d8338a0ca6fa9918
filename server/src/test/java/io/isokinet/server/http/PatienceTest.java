package io.isokinet.server.http;

import static org.assertj.core.api.Assertions.assertThat;

import io.isokinet.core.check.Deadline;
import jakarta.servlet.http.HttpServlet;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Duration;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.locks.LockSupport;
import org.apache.catalina.LifecycleException;
import org.apache.catalina.startup.Tomcat;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Over real connections: work ends when the one who asked for it hangs up, and for nobody else. */
class PatienceTest {
    private static final long LIMIT_SECONDS = 60;

    @TempDir
    Path folder;

    private final Tomcat tomcat = new Tomcat();
    private final AtomicInteger steps = new AtomicInteger();
    private final CountDownLatch begun = new CountDownLatch(1);
    private final CountDownLatch ended = new CountDownLatch(1);

    /** Works in as many steps as the address says, each of some milliseconds. */
    private final class Work extends HttpServlet {
        @Override
        protected void service(HttpServletRequest request, HttpServletResponse response) throws IOException {
            byte[] sent = request.getInputStream().readAllBytes();
            begun.countDown();
            try {
                for (int i = 0; i < Integer.parseInt(request.getQueryString()); i++) {
                    Deadline.check();
                    steps.incrementAndGet();
                    LockSupport.parkNanos(Duration.ofMillis(5).toNanos());
                }
                response.getWriter().print("done " + new String(sent, StandardCharsets.UTF_8));
            } catch (Deadline.PassedException e) {
                response.sendError(503);
                ended.countDown();
            }
        }
    }

    @BeforeEach
    void start() throws LifecycleException {
        tomcat.setBaseDir(folder.toString());
        tomcat.setPort(0);
        tomcat.getEngine().getPipeline().addValve(new Patience.Waiting(Duration.ofMinutes(10)));
        Tomcat.addServlet(tomcat.addContext("", folder.toString()), "work", new Work())
                .addMapping("/");
        tomcat.getConnector();
        tomcat.start();
    }

    @AfterEach
    void stop() throws LifecycleException {
        tomcat.stop();
        tomcat.destroy();
    }

    private Socket connect() throws IOException {
        Socket socket = new Socket(
                InetAddress.getLoopbackAddress(), tomcat.getConnector().getLocalPort());
        socket.setSoTimeout((int) TimeUnit.SECONDS.toMillis(LIMIT_SECONDS));
        return socket;
    }

    private static String ask(int steps, String body) {
        return "POST /?%d HTTP/1.1\r\nHost: school\r\nContent-Length: %d\r\n\r\n%s"
                .formatted(steps, body.length(), body);
    }

    private static void send(Socket socket, String text) {
        try {
            socket.getOutputStream().write(text.getBytes(StandardCharsets.US_ASCII));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Test
    void workEndsWhenItsCallerHangsUp() throws Exception {
        try (Socket socket = connect()) {
            send(socket, ask(1_000_000, "x"));
            assertThat(begun.await(LIMIT_SECONDS, TimeUnit.SECONDS)).isTrue();
        }
        assertThat(ended.await(LIMIT_SECONDS, TimeUnit.SECONDS)).isTrue();
    }

    /** The second request is sent while the first is worked on, in two pieces: nothing of it may be lost by looking. */
    @Test
    void whoWaitsIsAnsweredAndSoIsWhatItAsksNext() throws Exception {
        try (Socket socket = connect();
                BufferedReader answers =
                        new BufferedReader(new InputStreamReader(socket.getInputStream(), StandardCharsets.US_ASCII))) {
            send(socket, ask(100, "first"));
            assertThat(begun.await(LIMIT_SECONDS, TimeUnit.SECONDS)).isTrue();
            String next = ask(100, "second");
            send(socket, next.substring(0, 20));
            while (steps.get() < 60) Thread.onSpinWait();
            send(socket, next.substring(20));
            assertThat(body(answers)).isEqualTo("done first");
            assertThat(body(answers)).isEqualTo("done second");
            assertThat(steps.get()).isEqualTo(200);
        }
    }

    private static String body(BufferedReader answer) throws IOException {
        assertThat(answer.readLine()).contains("200");
        int length = 0;
        for (String line = answer.readLine(); !line.isEmpty(); line = answer.readLine())
            if (line.toLowerCase(java.util.Locale.ROOT).startsWith("content-length:"))
                length = Integer.parseInt(line.substring(line.indexOf(':') + 1).strip());
        char[] body = new char[length];
        assertThat(answer.read(body)).isEqualTo(length);
        return new String(body);
    }
}
