package io.isokinet.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.net.URI;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.context.ConfigurableApplicationContext;

/** The database goes away under a running application and comes back. */
@ExtendWith(RunningServer.class)
class DatabaseGoneTest {
    @Test
    void saysSoPlainlyAndGoesOnWhenItIsBack() throws Exception {
        TestSchool school = TestSchool.make();
        URI real = URI.create(RunningServer.databaseUrl().substring("jdbc:".length()));
        try (Wire wire = new Wire(real.getPort());
                ConfigurableApplicationContext copy = RunningServer.run(
                        "jdbc:postgresql://127.0.0.1:" + wire.port() + real.getPath() + "?socketTimeout=5",
                        List.of(
                                "--spring.datasource.hikari.connection-timeout=1000",
                                "--spring.datasource.hikari.validation-timeout=500"))) {
            Caller caller = new Caller(RunningServer.address(copy));
            caller.post("/api/session", Map.of("signIn", school.signIn, "password", TestSchool.PASSWORD));
            assertThat(caller.get("/api/classes").status()).isEqualTo(200);
            assertThat(caller.get("/actuator/health/readiness").status()).isEqualTo(200);
            wire.cut();
            assertThat(caller.get("/actuator/health/readiness").status()).isEqualTo(503);
            for (String path : List.of("/api/classes", "/api/session", "/api/units")) {
                Caller.Answer answer = caller.get(path);
                assertThat(answer.status()).as(path).isEqualTo(503);
                assertThat(answer.header("Content-Type")).startsWith("application/problem+json");
                assertThat(answer.detail()).contains("The database does not answer. Nothing was changed.");
                assertThat(answer.body()).doesNotContain("Exception").doesNotContain("at io.");
            }
            Caller stranger = new Caller(RunningServer.address(copy));
            assertThat(stranger.post("/api/session", Map.of("signIn", "a-teacher", "password", "b"))
                            .status())
                    .isEqualTo(503);
            wire.mend();
            Caller.Answer back = caller.get("/api/classes");
            for (int i = 0; i < 20 && back.status() != 200; i++) {
                Thread.sleep(250);
                back = caller.get("/api/classes");
            }
            assertThat(back.status()).isEqualTo(200);
        }
    }

    /** Passes bytes between the application and the database until it is cut. */
    private static final class Wire implements AutoCloseable {
        private final ServerSocket server = new ServerSocket(0, 50, InetAddress.getLoopbackAddress());
        private final Set<Socket> open = ConcurrentHashMap.newKeySet();
        private final int target;
        private volatile boolean whole = true;

        Wire(int target) throws IOException {
            this.target = target;
            thread(() -> {
                while (true) join(server.accept());
            });
        }

        int port() {
            return server.getLocalPort();
        }

        void cut() throws IOException {
            whole = false;
            for (Socket socket : open) socket.close();
            open.clear();
        }

        void mend() {
            whole = true;
        }

        private void join(Socket near) throws IOException {
            if (!whole) {
                near.close();
                return;
            }
            Socket far = new Socket(InetAddress.getLoopbackAddress(), target);
            open.addAll(List.of(near, far));
            thread(() -> pass(near, far));
            thread(() -> pass(far, near));
        }

        private static void pass(Socket from, Socket to) throws IOException {
            try (InputStream in = from.getInputStream();
                    OutputStream out = to.getOutputStream()) {
                in.transferTo(out);
            }
        }

        private interface Work {
            void run() throws IOException;
        }

        private static void thread(Work work) {
            Thread thread = new Thread(() -> {
                try {
                    work.run();
                } catch (IOException closed) {
                    Thread.currentThread().interrupt();
                }
            });
            thread.setDaemon(true);
            thread.start();
        }

        @Override
        public void close() throws IOException {
            cut();
            server.close();
        }
    }
}
