package io.isokinet.e2e;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicLong;

/** Three devices send while the application is killed fifty times and its database stopped twenty times; each sends again until it is heard. */
final class Outages {
    private static final int DEVICES = 3;
    private static final int KILLS = 50;
    private static final int STOPS = 20;

    private Outages() {}

    static void run(TrustBench bench) throws Exception {
        Random random = new Random(17);
        AtomicBoolean over = new AtomicBoolean();
        AtomicLong sent = new AtomicLong();
        AtomicLong again = new AtomicLong();
        Set<String> pressed = java.util.concurrent.ConcurrentHashMap.newKeySet();
        try (Application application = Application.start()) {
            String child = TrustBench.known(application).get("children").get(0);
            ExecutorService devices = Executors.newFixedThreadPool(DEVICES);
            List<Future<?>> done = new ArrayList<>();
            for (int i = 0; i < DEVICES; i++)
                done.add(devices.submit(() -> device(application, child, over, sent, again, pressed)));
            for (int kill = 0; kill < KILLS; kill++) {
                TimeUnit.MILLISECONDS.sleep(200 + random.nextInt(1500));
                application.restart();
            }
            for (int stop = 0; stop < STOPS; stop++) {
                TimeUnit.MILLISECONDS.sleep(500 + random.nextInt(2000));
                db("stop");
                TimeUnit.MILLISECONDS.sleep(random.nextInt(1500));
                db("start");
            }
            TimeUnit.SECONDS.sleep(3);
            over.set(true);
            for (Future<?> f : done) f.get(5, TimeUnit.MINUTES);
            devices.shutdown();
            Set<String> kept = new HashSet<>();
            int twice = 0;
            for (String id : application.texts("select id from trial")) if (!kept.add(id)) twice++;
            long lost = pressed.stream().filter(id -> !kept.contains(id)).count();
            long aside = application.count("select count(*) from trial_conflict");
            if (lost > 0) bench.mustNotBe(lost + " presses are lost");
            if (twice > 0 || aside > 0) bench.mustNotBe(twice + " presses are there twice, " + aside + " kept aside");
            System.out.printf(
                    "%n%d kills and %d stops of the database while %d devices sent: %d presses in %d batches, %d tries again; %d lost, %d twice%n",
                    KILLS, STOPS, DEVICES, pressed.size(), sent.get(), again.get(), lost, twice);
        }
    }

    private static Void device(
            Application application,
            String child,
            AtomicBoolean over,
            AtomicLong sent,
            AtomicLong again,
            Set<String> pressed)
            throws Exception {
        UUID device = UUID.randomUUID();
        Visitor visitor = new Visitor(application.address(), Duration.ofSeconds(20));
        boolean signedIn = false;
        long order = 0;
        while (!over.get()) {
            List<String> trials = new ArrayList<>();
            for (int i = 0; i < 3; i++) {
                String id = UUID.randomUUID().toString();
                pressed.add(id);
                trials.add(trial(id, child, ++order, TestClock.now().toString()));
            }
            String batch = batch(device, TestClock.now().toString(), trials);
            while (true) {
                try {
                    if (!signedIn) visitor.signIn(Application.SIGN_IN, Application.PASSWORD);
                    signedIn = true;
                    int status = visitor.json("POST", "/api/batches", batch).status();
                    if (status == 200) break;
                    if (status == 401 || status == 403) signedIn = false;
                } catch (IOException | IllegalStateException e) {
                    // Nothing was heard: the same again.
                }
                again.incrementAndGet();
                TimeUnit.MILLISECONDS.sleep(100);
            }
            sent.incrementAndGet();
            TimeUnit.MILLISECONDS.sleep(20);
        }
        return null;
    }

    static String trial(String id, String child, long order, String at) {
        return """
                {"id":"%s","child":"%s","cue":"underarm-roll/step","shown":true,"kind":"TEACHER","setting":"DRILL","seq":%d,"at":"%s"}""".formatted(id, child, order, at);
    }

    static String batch(UUID device, String clock, List<String> trials) {
        return """
                {"id":"%s","device":"%s","clock":"%s","trials":[%s],"voids":[],"register":[],"taught":[]}""".formatted(UUID.randomUUID(), device, clock, String.join(",", trials));
    }

    private static void db(String command) throws IOException, InterruptedException {
        String cluster = System.getenv().getOrDefault("ISOKINET_TEST_CLUSTER", "test");
        int status = new ProcessBuilder(Path.of("../bin/db").toString(), "--name", cluster, command)
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .start()
                .waitFor();
        if (status != 0) throw new IllegalStateException("bin/db " + command + " did not succeed");
    }
}
