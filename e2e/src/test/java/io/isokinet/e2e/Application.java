package io.isokinet.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.function.BooleanSupplier;

/** The packaged application as a process of its own, with the demo school, on a fresh database of the test cluster. */
final class Application implements AutoCloseable {
    static final String SIGN_IN = "demo";
    static final String PASSWORD = "saltfern-harbour";
    private static final Duration PATIENCE = Duration.ofMinutes(5);

    private Process process;
    private final String database;
    private final boolean owner;
    private boolean usual;
    final int port;
    final boolean tls;
    private final Path log;

    private Application(Process process, String database, boolean owner, int port, boolean tls, Path log) {
        this.process = process;
        this.database = database;
        this.owner = owner;
        this.port = port;
        this.tls = tls;
        this.log = log;
    }

    /** One that a journey has done with, for the next: it keeps nothing but what is in its database. Null if there is none. */
    private static Application idle;

    static {
        Runtime.getRuntime().addShutdownHook(new Thread(() -> {
            if (idle != null) idle.end();
        }));
    }

    /** True while what is in its database comes from {@link #any} alone. */
    private static boolean common;

    /** Running, with no more in the demo school than what others left that may find what others leave. */
    static Application any() {
        if (idle == null || !common) start().close();
        common = true;
        return idle;
    }

    /** With the demo school, as it was made once for all of them. */
    static Application start(String... more) {
        common = false;
        if (more.length == 0 && idle != null) {
            Application again = idle;
            idle = null;
            if (again.beginAnew()) return again;
        }
        Application application = launch(copyOfTheDemo(), true, List.of(more));
        application.usual = more.length == 0;
        application.await(application::answers);
        return application;
    }

    /** The same with options of its own for the virtual machine; what it does with too little memory is told by {@link #alive}. */
    static Application startOn(String... machine) {
        common = false;
        Application application = launch(copyOfTheDemo(), true, freePort(), List.of(), machine);
        application.await(application::answers);
        return application;
    }

    /** @return false if it was killed meanwhile */
    private boolean beginAnew() {
        if (!process.isAlive()) return false;
        admin("drop database if exists " + database + " with (force)");
        admin("create database %s template %s".formatted(database, theDemoOnce()));
        // Its pool looks at a connection before use only where that has rested for half a second.
        Instant rested = Instant.now().plusMillis(600);
        await(() -> Instant.now().isAfter(rested) && answers());
        return true;
    }

    private static String demo;

    private static synchronized String theDemoOnce() {
        if (demo == null) demo = theDemo();
        return demo;
    }

    private static String copyOfTheDemo() {
        String copy = name();
        admin("create database %s template %s".formatted(copy, theDemoOnce()));
        return copy;
    }

    /**
     * Made once for an application and the day that the demo is about, whoever of several processes comes first; what others were
     * made for goes.
     */
    private static String theDemo() {
        try (FileChannel lock = FileChannel.open(
                        jar().resolveSibling("demo.lock"), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
                FileLock held = lock.lock()) {
            String database = "isokinet_demo_%s_%s"
                    .formatted(
                            Long.toString(Files.getLastModifiedTime(jar()).toMillis(), 36),
                            TestClock.demoDay().toString().replace("-", ""));
            if (exists(database)) return database;
            others(database).forEach(d -> admin("drop database if exists " + d + " with (force)"));
            makeTheDemo(database + "_raw");
            admin("alter database %s_raw rename to %s".formatted(database, database));
            return database;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Makes the demo school, and what the later starts are quick with. */
    private static void makeTheDemo(String database) {
        admin("create database " + database);
        Application maker = launch(
                database, false, freePort(), List.of("--isokinet.demo=true"), "-XX:ArchiveClassesAtExit=" + archive());
        maker.await(() -> maker.count(
                        "select count(*) from unit where title = 'First rolls, first catches' and head_revision is not null")
                == 1);
        maker.await(maker::answers);
        maker.close();
    }

    private static boolean exists(String database) {
        return databases("datname = '" + database + "'").size() == 1;
    }

    private static List<String> others(String database) {
        return databases("datname like 'isokinet\\_demo\\_%' and datname <> '" + database + "'");
    }

    private static List<String> databases(String which) {
        List<String> names = new ArrayList<>();
        try (Connection connection = DriverManager.getConnection(server() + "postgres", user(), password());
                Statement statement = connection.createStatement();
                ResultSet rows = statement.executeQuery("select datname from pg_database where " + which)) {
            while (rows.next()) names.add(rows.getString(1));
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
        return names;
    }

    private static Path archive() {
        return jar().resolveSibling("isokinet.jsa").toAbsolutePath();
    }

    /** On an empty database, which whoever has the code may begin with. */
    static Application startEmpty(String code) {
        Application application = launch(newDatabase(), true, List.of("--isokinet.first-run-code=" + code));
        application.await(application::answers);
        return application;
    }

    /** Another copy on the same database. */
    Application another() {
        Application copy = launch(database, false, List.of());
        copy.await(copy::answers);
        return copy;
    }

    private static String name() {
        return "isokinet_" + Long.toString(System.nanoTime(), 36);
    }

    private static String newDatabase() {
        String database = name();
        admin("create database " + database);
        return database;
    }

    /** Ends the process at once and starts another on the same port and database. */
    void restart() {
        process.destroyForcibly();
        try {
            process.waitFor();
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
        process = launch(database, owner, port, List.of()).process;
        await(this::answers);
    }

    private static Application launch(String database, boolean owner, List<String> more) {
        return launch(database, owner, freePort(), more);
    }

    private static Application launch(String database, boolean owner, int port, List<String> more) {
        List<String> quick =
                Files.exists(archive()) ? List.of("-XX:SharedArchiveFile=" + archive(), "-Xshare:auto") : List.of();
        return launch(database, owner, port, more, quick.toArray(String[]::new));
    }

    /** @param more of its own options @param machine options of the virtual machine */
    private static Application launch(String database, boolean owner, int port, List<String> more, String... machine) {
        List<String> command =
                new ArrayList<>(List.of(java(), "-XX:TieredStopAtLevel=1", "-XX:ReservedCodeCacheSize=160m"));
        command.addAll(List.of(machine));
        command.addAll(List.of(
                "-jar",
                jar().toString(),
                "--server.port=" + port,
                "--spring.profiles.active=test",
                "--isokinet.clock-offset=" + TestClock.OFFSET,
                "--isokinet.planning-effort=1500",
                "--spring.datasource.url=" + server() + database,
                "--spring.datasource.hikari.maximum-pool-size=8",
                "--spring.datasource.hikari.minimum-idle=2"));
        command.addAll(more);
        try {
            Path log = Files.createDirectories(Path.of("target")).resolve("application-" + port + ".log");
            Process process = new ProcessBuilder(command)
                    .redirectErrorStream(true)
                    .redirectOutput(log.toFile())
                    .start();
            return new Application(
                    process, database, owner, port, more.stream().anyMatch(o -> o.contains("ssl.certificate")), log);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void await(BooleanSupplier ready) {
        Instant end = Instant.now().plus(PATIENCE);
        while (Instant.now().isBefore(end)) {
            if (!process.isAlive()) throw new IllegalStateException("The application did not start:\n" + logged());
            if (listens() && ready.getAsBoolean()) return;
            pause();
        }
        throw new IllegalStateException("The application was not ready in time:\n" + logged());
    }

    private String logged() {
        try {
            return Files.readString(log);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private boolean answers() {
        // Nobody but the browser of its test takes its certificate.
        if (tls) return logged().contains("Started IsokinetServer");
        try {
            HttpRequest ask = HttpRequest.newBuilder(URI.create(address() + "/actuator/health/readiness"))
                    .build();
            return HttpClient.newHttpClient()
                            .send(ask, BodyHandlers.discarding())
                            .statusCode()
                    == 200;
        } catch (IOException e) {
            return false;
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    boolean alive() {
        return process.isAlive();
    }

    /** The first column of every row. */
    List<String> texts(String sql) {
        List<String> texts = new ArrayList<>();
        try (Connection connection = DriverManager.getConnection(server() + database, user(), password());
                Statement statement = connection.createStatement();
                ResultSet result = statement.executeQuery(sql)) {
            while (result.next()) texts.add(result.getString(1));
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
        return texts;
    }

    /** Changes the database itself, as nobody does who uses the application. */
    void change(String sql) {
        try (Connection connection = DriverManager.getConnection(server() + database, user(), password());
                Statement statement = connection.createStatement()) {
            statement.execute(sql);
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }

    /** Ends the process at once, in the middle of whatever it does. */
    void kill() {
        process.destroyForcibly();
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
            Thread.sleep(50);
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

    /** The first column of the first row. */
    String text(String sql) {
        try (Connection connection = DriverManager.getConnection(server() + database, user(), password());
                Statement statement = connection.createStatement();
                ResultSet result = statement.executeQuery(sql)) {
            result.next();
            return result.getString(1);
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }

    @Override
    public void close() {
        if (usual && process.isAlive() && idle == null) idle = this;
        else end();
    }

    private void end() {
        process.destroy();
        try {
            process.waitFor();
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
        if (owner) admin("drop database if exists " + database + " with (force)");
    }

    private static Path laidOut;

    /** The packaged application, laid out as files once, by whichever process comes first: it starts in half the time. */
    private static synchronized Path jar() {
        if (laidOut != null) return laidOut;
        Path folder = Path.of("target/application");
        try (var files = Files.list(Path.of("../server/target"))) {
            Path packaged = files.filter(f -> f.getFileName().toString().endsWith("-exec.jar"))
                    .findFirst()
                    .orElseThrow(() ->
                            new IllegalStateException("There is no packaged application; run bin/test or bin/build."));
            Files.createDirectories(folder);
            Path to = folder.resolve(packaged.getFileName());
            try (FileChannel lock = FileChannel.open(
                            folder.resolve("jar.lock"), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
                    FileLock held = lock.lock()) {
                if (!Files.exists(to)
                        || Files.getLastModifiedTime(to).compareTo(Files.getLastModifiedTime(packaged)) < 0)
                    layOut(packaged, folder);
            }
            laidOut = to;
            return to;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static void layOut(Path packaged, Path folder) throws IOException {
        try {
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
