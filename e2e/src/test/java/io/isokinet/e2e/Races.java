package io.isokinet.e2e;

import java.io.IOException;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.concurrent.CyclicBarrier;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;

/** The same asked by eight people at once; and presses by clocks that are wrong. */
final class Races {
    private static final int PEOPLE = 8;
    private static final int ROUNDS = 10;

    private Races() {}

    /** @param body anew for each of them; {@code %d} is the person */
    private record Race(String name, String method, String path, String body) {}

    static void run(TrustBench bench) throws Exception {
        try (Application application = TrustBench.small()) {
            Map<String, List<String>> known = TrustBench.known(application);
            String group = known.get("classes").get(0);
            String child = known.get("children").get(0);
            String other = known.get("children").get(1);
            List<Race> races = List.of(
                    new Race("first count of a thing", "PUT", "/api/cupboard/scarf", "{\"count\": %d}"),
                    new Race(
                            "a new class of one name",
                            "PUT",
                            "/api/classes/{new}",
                            "{\"name\": \"Gannets\", \"yearAge\": 7}"),
                    new Race(
                            "a cue set aside for a child",
                            "PUT",
                            "/api/children/" + child + "/cue-fit",
                            "{\"cue\": \"underarm-roll/step\", \"fit\": \"ADAPTED\"}"),
                    new Race(
                            "two who work together",
                            "PUT",
                            "/api/classes/" + group + "/pairs",
                            "{\"one\": \"" + child + "\", \"other\": \"" + other + "\", \"wish\": \"APART\"}"),
                    new Race(
                            "a rule of mastery",
                            "PUT",
                            "/api/mastery-rules",
                            "{\"allOfLast\": 3, \"enough\": 4, \"ofLast\": 5, \"lessons\": 2, \"dueAfterWeeks\": %d, \"checkEnough\": 2, \"checkOf\": 3}"),
                    new Race("how long notes are kept", "PUT", "/api/keeping/NOTES", "{\"months\": 2%d}"),
                    new Race(
                            "an activity set aside",
                            "PUT",
                            "/api/know-how/" + known.get("activities").get(0) + "/aside?aside=true",
                            "{}"),
                    new Race("a link of a calendar", "POST", "/api/me/feed", "{}"));
            application.change("delete from cupboard_item where item_key = 'scarf'");
            System.out.println("\n| at once, by " + PEOPLE + ", " + ROUNDS + " times | answers |\n|---|---|");
            List<Visitor> people = new ArrayList<>();
            for (int i = 0; i < PEOPLE; i++) people.add(TrustBench.lead(application));
            for (Race race : races) race(bench, race, people);
            clocks(bench, application, child);
        }
    }

    private static void race(TrustBench bench, Race race, List<Visitor> people) throws Exception {
        Map<Integer, Integer> byStatus = new TreeMap<>();
        ExecutorService all = Executors.newFixedThreadPool(PEOPLE);
        try {
            for (int round = 0; round < ROUNDS; round++) {
                CyclicBarrier together = new CyclicBarrier(PEOPLE);
                String path = race.path().replace("{new}", UUID.randomUUID().toString());
                List<Future<Visitor.Answer>> answers = new ArrayList<>();
                for (int i = 0; i < PEOPLE; i++) {
                    int person = i;
                    answers.add(all.submit(() -> {
                        together.await();
                        return people.get(person)
                                .json(race.method(), path, race.body().replace("%d", Integer.toString(person + 1)));
                    }));
                }
                for (Future<Visitor.Answer> answer : answers) {
                    Visitor.Answer a = answer.get();
                    byStatus.merge(a.status(), 1, Integer::sum);
                    if (a.status() >= 500)
                        bench.mustNotBe("at once, " + race.name() + ": " + a.status() + " " + a.body());
                }
            }
        } finally {
            all.shutdownNow();
        }
        System.out.printf("| %s | %s |%n", race.name(), byStatus);
    }

    /** However a device's clock goes, a press is taken and is filed neither in the future nor before the term. */
    private static void clocks(TrustBench bench, Application application, String child) throws IOException {
        Visitor lead = TrustBench.lead(application);
        String now = TestClock.now().toString();
        String[][] clocks = {
            {"1970-01-01T00:00:00Z", "1970-01-01T00:00:10Z"},
            {"0001-01-01T00:00:00Z", now},
            {now, "0001-01-01T00:00:00Z"},
            {"+999999999-12-31T00:00:00Z", now},
            {now, "+999999999-12-31T00:00:00Z"},
            {"2199-01-01T00:00:00Z", "2199-01-01T00:00:10Z"},
            {TestClock.now().minus(Duration.ofDays(366)).toString(), now},
            {TestClock.now().plus(Duration.ofDays(366)).toString(), now}
        };
        int taken = 0;
        for (int i = 0; i < clocks.length; i++) {
            String id = UUID.randomUUID().toString();
            Visitor.Answer a = lead.json(
                    "POST",
                    "/api/batches",
                    Outages.batch(UUID.randomUUID(), clocks[i][1], List.of(Outages.trial(id, child, i, clocks[i][0]))));
            boolean kept = a.status() == 200 && a.body().contains(id);
            if (!kept)
                bench.mustNotBe("pressed at " + clocks[i][0] + ", sent at " + clocks[i][1] + ": " + a.status() + " "
                        + a.body());
            else taken++;
        }
        long astray = application.count(
                "select count(*) from trial where seen_at > received_at or seen_at < received_at - interval '200 days' and received_at > '%s'"
                        .formatted(now));
        if (astray > 0) bench.mustNotBe(astray + " presses by wrong clocks are filed in the future or long ago");
        System.out.printf(
                "| presses by %d pairs of wrong clocks | %d taken, %d astray |%n", clocks.length, taken, astray);
    }
}
