package io.isokinet.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;

/** The packaged application as a process of its own, with the demo school, on a fresh database of the test cluster. */
final class Application implements AutoCloseable {
    static final String SIGN_IN = "demo";
    static final String PASSWORD = "saltfern-harbour";
    private static final Duration PATIENCE = Duration.ofMinutes(3);

    private final Process process;
    private final String database;
    final int port;
    final boolean tls;

    private Application(Process process, String database, int port, boolean tls) {
        this.process = process;
        this.database = database;
        this.port = port;
        this.tls = tls;
    }

    static Application start(String... more) {
        String database = "isokinet_" + Long.toString(System.nanoTime(), 36);
        admin("create database " + database);
        int port = freePort();
        List<String> command = new ArrayList<>(List.of(
                java(),
                "-XX:TieredStopAtLevel=1",
                "-jar",
                jar().toString(),
                "--server.port=" + port,
                "--isokinet.demo=true",
                "--spring.datasource.url=" + server() + database,
                "--spring.datasource.hikari.maximum-pool-size=8"));
        command.addAll(List.of(more));
        try {
            Path log = Files.createDirectories(Path.of("target")).resolve("application-" + port + ".log");
            Process process = new ProcessBuilder(command)
                    .redirectErrorStream(true)
                    .redirectOutput(log.toFile())
                    .start();
            Application application = new Application(
                    process, database, port, List.of(more).stream().anyMatch(o -> o.contains("ssl.certificate")));
            application.await(log);
            return application;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Ready once it listens and its runners, which make the demo school, are through: the log says so by the last line. */
    private void await(Path log) throws IOException {
        Instant end = Instant.now().plus(PATIENCE);
        while (Instant.now().isBefore(end)) {
            if (!process.isAlive())
                throw new IllegalStateException("The application did not start:\n" + Files.readString(log));
            if (listens()
                    && count(
                                    "select count(*) from unit where title = 'First rolls, first catches' and head_revision is not null")
                            == 1) return;
            pause();
        }
        throw new IllegalStateException("The application was not ready in time:\n" + Files.readString(log));
    }

    private boolean listens() {
        try (Socket socket = new Socket(InetAddress.getLoopbackAddress(), port)) {
            return socket.isConnected();
        } catch (IOException e) {
            return false;
        }
    }

    private static void pause() {
        try {
            Thread.sleep(200);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    String address() {
        return (tls ? "https" : "http") + "://localhost:" + port;
    }

    /** A number from the database itself. */
    long count(String sql) {
        try (Connection connection = DriverManager.getConnection(server() + database, user(), password());
                Statement statement = connection.createStatement();
                ResultSet result = statement.executeQuery(sql)) {
            result.next();
            return result.getLong(1);
        } catch (SQLException e) {
            return -1;
        }
    }

    @Override
    public void close() {
        process.destroy();
        try {
            process.waitFor();
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
        admin("drop database if exists " + database + " with (force)");
    }

    /** The packaged application, laid out as files once: it starts in half the time. */
    private static synchronized Path jar() {
        Path folder = Path.of("target/application");
        try (var files = Files.list(Path.of("../server/target"))) {
            Path packaged = files.filter(f -> f.getFileName().toString().endsWith("-exec.jar"))
                    .findFirst()
                    .orElseThrow(() ->
                            new IllegalStateException("There is no packaged application; run bin/test or bin/build."));
            Path laidOut = folder.resolve(packaged.getFileName());
            if (!Files.exists(laidOut)
                    || Files.getLastModifiedTime(laidOut).compareTo(Files.getLastModifiedTime(packaged)) < 0)
                new ProcessBuilder(
                                java(),
                                "-Djarmode=tools",
                                "-jar",
                                packaged.toString(),
                                "extract",
                                "--force",
                                "--destination",
                                folder.toString())
                        .inheritIO()
                        .start()
                        .waitFor();
            return laidOut;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    private static String java() {
        return Path.of(System.getProperty("java.home"), "bin", "java").toString();
    }

    private static int freePort() {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static String server() {
        String url = System.getenv("ISOKINET_DB_URL");
        if (url == null)
            throw new IllegalStateException("ISOKINET_DB_URL is not set: run bin/test, which starts the test cluster.");
        return url.substring(0, url.lastIndexOf('/') + 1);
    }

    private static String user() {
        return System.getenv("ISOKINET_DB_USER");
    }

    private static String password() {
        return System.getenv("ISOKINET_DB_PASSWORD");
    }

    private static void admin(String sql) {
        try (Connection connection = DriverManager.getConnection(server() + "postgres", user(), password());
                Statement statement = connection.createStatement()) {
            statement.execute(sql);
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }
}
