package io.isokinet.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import io.isokinet.core.score.Games;
import io.isokinet.core.score.Result;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** The score desk in the browser: the core's own Java, compiled, gives what the core gives. */
class ScoreDeskTest extends Journey {
    private static final List<String> GAMES = List.of(
            "bowling",
            "pins ONE_ROLL 6",
            "pins TWO_ROLLS 6",
            "pins IN_A_MINUTE 6",
            "pins TAKE_AWAY 10",
            "fallen 10",
            "fewest 3",
            "nearest winner",
            "nearest loser",
            "streak 0",
            "streak 20",
            "tally 2 1,2,3",
            "hits 5",
            "three",
            "crossing tails",
            "crossing hidden",
            "zones 1,3,5,7,9,11",
            "swap");

    @Test
    void theBrowserComputesWhatTheCoreComputes() {
        Random random = new Random(3);
        try (Desk desk = new Desk(application().address())) {
            desk.signIn();
            for (String game : GAMES)
                for (int run = 0; run < 6; run++) {
                    List<String> log = new ArrayList<>();
                    for (int i = 0; i < 10; i++) log.add(any(random, i));
                    Object told = desk.page.evaluate(
                            "async ([game, sides, events]) => (await import('/core/score.js')).result(game, sides, events)",
                            List.of(game, List.of("Gulls", "Terns"), log));
                    assertThat(told).as(game + " " + log).isEqualTo(inJava(game, log));
                }
            Object twelve = desk.page.evaluate(
                    "async (events) => (await import('/core/score.js')).result('bowling', ['Gulls'], events)",
                    strikes());
            assertThat(String.valueOf(twelve)).startsWith("line\t300\t");
            assertThat(String.valueOf(desk.page.evaluate(
                            "async () => (await import('/core/score.js')).result('moonwalk', ['Gulls'], [])")))
                    .isEqualTo("error\tThere is no game (moonwalk).");
        }
    }

    @Test
    void childrenKeepTheScoreInTheHall() {
        try (Desk desk = new Desk(application().address(), 1024, 768)) {
            desk.signIn();
            desk.inTheHall("Aim and gather", "Lesson 1");
            desk.tool("Score");
            // It opens on the game of the lesson, where it has one.
            Locator another = desk.button("Another game");
            assertThat(another.or(desk.heading("Which game?")).first()).isVisible();
            if (another.isVisible()) another.click();
            desk.page
                    .getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Sides"))
                    .getByText("2", new Locator.GetByTextOptions().setExact(true))
                    .click();
            desk.button("Ten frames of ten pins").click();
            desk.button("10").click();
            // It is the other side's turn after a strike.
            assertThat(desk.page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Orange: 0")))
                    .isVisible();
            desk.button("7").click();
            desk.button("3").click();
            desk.button("Undo").click();
            desk.button("2").click();
            assertThat(desk.page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Blue: 10, in front")))
                    .isVisible();
            desk.isAccessible();
            assertThat(desk.button("STOP")).isVisible();
            desk.button("Close").click();
            assertThat(desk.page.getByText("all saved")).isVisible();
            assertThat(
                            application()
                                    .count(
                                            "select count(*) from lesson_event where kind = 'SCORE' and body ->> 'event' is not null"))
                    .isEqualTo(5);
            desk.isQuiet();
        }
    }

    private static List<String> strikes() {
        List<String> log = new ArrayList<>();
        for (int i = 0; i < 12; i++) log.add("s e" + i + " 0 10");
        return log;
    }

    private static String any(Random random, int i) {
        if (i > 0 && random.nextInt(6) == 0) return "u n%d n%d".formatted(i, random.nextInt(i));
        if (i > 0 && random.nextInt(6) == 0) return "o n%d n%d %d".formatted(i, random.nextInt(i), random.nextInt(2));
        return "s n%d %d %d,%d,%d,%d,%d"
                .formatted(
                        i,
                        random.nextInt(2),
                        random.nextInt(6),
                        random.nextInt(3),
                        random.nextInt(3),
                        random.nextInt(3),
                        random.nextInt(3));
    }

    private static String inJava(String game, List<String> log) {
        Result result = Games.game(game)
                .result(
                        List.of("Gulls", "Terns"),
                        log.stream().map(Games::event).toList());
        StringBuilder told = new StringBuilder();
        result.lines().forEach(l -> told.append("line\t%d\t%s\n".formatted(l.points(), l.words())));
        told.append("leads\t%s\n"
                .formatted(result.leads().stream().map(String::valueOf).collect(Collectors.joining(","))));
        told.append("next\t%d\nover\t%s\n".formatted(result.next(), result.over()));
        result.findings().forEach(f -> told.append("finding\t%s\n".formatted(f)));
        return told.toString();
    }
}
