package io.isokinet.e2e;

import com.google.gson.JsonObject;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.Arrays;

/**
 * What a press and a load cost in the hall on a slow device, beside a bare page of 72 buttons on the same one. The class is
 * blown up to 36 children and 12 cues on its way to the browser.
 */
final class HallBench {
    private static final int SLOWER = 4;
    private static final int ROUNDS = 3;

    private static final String FULL_CLASS = """
            const real = window.fetch
            window.fetch = async (path, options) => {
              const answer = await real(path, options)
              if (!/^\\/api\\/hall\\/[^/]+$/.test(path)) return answer
              const hall = await answer.json()
              const rows = hall.grid.rows
              const more = Array.from({ length: 36 }, (_, i) => {
                const row = structuredClone(rows[i % rows.length])
                return { ...row, child: { ...row.child, id: row.child.id.slice(0, -2) + (10 + i), name: row.child.name + i } }
              })
              const [skill] = hall.grid.skills
              const cues = Array.from({ length: 12 }, (_, i) => ({ ...skill.cues[i % skill.cues.length], key: 'c/' + i }))
              for (const row of more)
                for (const cue of cues) row.cells[cue.key] = Object.values(row.cells)[0]
              hall.grid = { ...hall.grid, rows: more, skills: [{ ...skill, cues: [...skill.cues, ...cues].slice(0, 12) }] }
              return new Response(JSON.stringify(hall), { status: 200, headers: answer.headers })
            }""";

    private static final String BARE = """
            <!doctype html><title>bare</title><main></main><script>
            for (let i = 0; i < 72; i++) {
              const b = document.createElement('button')
              b.textContent = '0'
              b.onclick = () => { b.textContent = Number(b.textContent) + 1 }
              document.querySelector('main').append(b)
            }</script>""";

    private static final String PRESSES = """
            async () => {
              const halves = [...document.querySelectorAll('main button')]
              const frame = () => new Promise((done) => requestAnimationFrame(() => setTimeout(done)))
              const times = []
              for (let i = 0; i < 60; i++) {
                await new Promise((done) => setTimeout(done, 80))
                const start = performance.now()
                halves[(i * 2) % halves.length].click()
                await frame()
                times.push(performance.now() - start)
              }
              return times
            }""";

    private HallBench() {}

    public static void main(String[] arguments) {
        try (Application application = Application.start();
                Desk desk = new Desk(application.address(), 1024, 768)) {
            desk.signIn();
            desk.page.getByText("Roll it, catch it").first().click();
            desk.link("Lesson 5").click();
            String hall = desk.page.locator("a[href^='/hall/']").first().getAttribute("href");
            Page bare = desk.context.newPage();
            Page full = desk.context.newPage();
            full.addInitScript(FULL_CLASS);
            slow(bare);
            slow(full);
            double[] presses = new double[0];
            double[] plain = new double[0];
            double[] loads = new double[ROUNDS];
            double[] plainLoads = new double[ROUNDS];
            full.navigate(application.address() + hall);
            full.getByRole(
                            AriaRole.BUTTON,
                            new Page.GetByRoleOptions().setName("All").setExact(true))
                    .click();
            // In alternation, so that a busy machine is busy for both.
            for (int i = 0; i < ROUNDS; i++) {
                long start = System.nanoTime();
                full.navigate(application.address() + hall);
                full.locator("main button").first().waitFor();
                loads[i] = (System.nanoTime() - start) / 1e6;
                start = System.nanoTime();
                bare.navigate("about:blank");
                bare.setContent(BARE);
                bare.locator("main button").first().waitFor();
                plainLoads[i] = (System.nanoTime() - start) / 1e6;
                int tiles = full.locator("main > div").count();
                if (tiles != 36) throw new IllegalStateException("36 tiles are wanted; there are " + tiles);
                full.bringToFront();
                presses = joined(presses, Times.of(full, PRESSES));
                bare.bringToFront();
                plain = joined(plain, Times.of(bare, PRESSES));
            }
            System.out.println("| at 4x CPU throttle, 36 children, 12 cues | hall | bare page of 72 buttons | ratio |");
            System.out.println("|---|---|---|---|");
            row("press to painted, median of 180", Times.at(presses, 0.5), Times.at(plain, 0.5));
            row("the same, 95th percentile", Times.at(presses, 0.95), Times.at(plain, 0.95));
            row("load to the first tile, median of 3", Times.at(loads, 0.5), Times.at(plainLoads, 0.5));
        }
        Desk.endDriver();
    }

    static void slow(Page page) {
        CDPSession session = page.context().newCDPSession(page);
        JsonObject rate = new JsonObject();
        rate.addProperty("rate", SLOWER);
        session.send("Emulation.setCPUThrottlingRate", rate);
    }

    private static double[] joined(double[] a, double[] b) {
        double[] all = Arrays.copyOf(a, a.length + b.length);
        System.arraycopy(b, 0, all, a.length, b.length);
        return all;
    }

    private static void row(String what, double hall, double bare) {
        System.out.printf("| %s | %.0f ms | %.0f ms | %.2f |%n", what, hall, bare, hall / bare);
    }
}
