package io.isokinet.server;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;

/** The real application, started once for all tests of this JVM, on a database of its own in the test cluster. */
public final class RunningServer implements BeforeAllCallback {
    private static ConfigurableApplicationContext context;
    private static TestDatabase database;

    @Override
    public void beforeAll(ExtensionContext extension) {
        start();
    }

    private static synchronized void start() {
        if (context != null) return;
        database = TestDatabase.create();
        context = run(database.url(), List.of());
        Runtime.getRuntime().addShutdownHook(new Thread(() -> {
            context.close();
            database.drop();
        }));
    }

    /** Another copy of the application on a database. */
    static ConfigurableApplicationContext run(String url, List<String> more) {
        List<String> arguments = new ArrayList<>(List.of(
                "--server.port=0",
                "--spring.datasource.url=" + url,
                "--spring.datasource.username=" + TestDatabase.user(),
                "--spring.datasource.password=" + TestDatabase.password(),
                "--spring.datasource.hikari.maximum-pool-size=6",
                "--spring.main.banner-mode=off",
                "--spring.profiles.active=test",
                "--isokinet.clock-offset=" + TestClock.OFFSET,
                "--springdoc.writer-with-order-by-keys=true",
                "--springdoc.default-produces-media-type=application/json",
                "--springdoc.api-docs.path=/openapi",
                "--springdoc.paths-to-match=/api/**",
                "--springdoc.default-flat-param-object=true",
                "--logging.level.org.springdoc.core.events.SpringDocAppInitializer=error",
                "--logging.level.root=warn"));
        if (more.stream().noneMatch(option -> option.startsWith("--isokinet.planning-effort=")))
            arguments.add("--isokinet.planning-effort=1500");
        arguments.addAll(more);
        return SpringApplication.run(
                new Class<?>[] {IsokinetServer.class, StatementCount.class, Contract.class},
                arguments.toArray(String[]::new));
    }

    static <T> T bean(Class<T> type) {
        return context.getBean(type);
    }

    static <T> T bean(String name, Class<T> type) {
        return context.getBean(name, type);
    }

    static String address() {
        return address(context);
    }

    static String address(ConfigurableApplicationContext of) {
        return "http://127.0.0.1:" + of.getEnvironment().getProperty("local.server.port");
    }

    static String databaseUrl() {
        return database.url();
    }

    /** A database in the test cluster that bin/test started. */
    record TestDatabase(String name) {
        static TestDatabase create() {
            TestDatabase made = new TestDatabase("isokinet_" + Long.toString(System.nanoTime(), 36));
            admin("create database " + made.name);
            return made;
        }

        static String server() {
            String url = System.getenv("ISOKINET_DB_URL");
            if (url == null)
                throw new IllegalStateException(
                        "ISOKINET_DB_URL is not set: the tests need the test cluster. Run bin/test, or: eval \"$(bin/db --name test env)\"");
            return url.substring(0, url.lastIndexOf('/') + 1);
        }

        static String user() {
            return System.getenv("ISOKINET_DB_USER");
        }

        static String password() {
            return System.getenv("ISOKINET_DB_PASSWORD");
        }

        String url() {
            return server() + name;
        }

        Connection connect() throws SQLException {
            return DriverManager.getConnection(url(), user(), password());
        }

        void drop() {
            admin("drop database if exists " + name + " with (force)");
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
}
