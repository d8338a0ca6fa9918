package io.isokinet.e2e;

import com.microsoft.playwright.Page;
import io.isokinet.core.quantity.Words;

/** Twelve figures that move at once on a slow device, beside a bare page that moves as many lines; bin/bench figures runs it. */
final class EyeBench {
    private static final int CHILDREN = 12;
    private static final String SHAPES = "() => document.querySelectorAll('ol svg line, ol svg circle').length";

    /** Pictures a second, over less than each figure takes to the picture that decides. */
    private static final String PICTURES = """
            () => new Promise((done) => {
              const times = []
              requestAnimationFrame(function each(now) {
                times.push(now)
                if (now - times[0] < 1800) requestAnimationFrame(each)
                else done(((times.length - 1) * 1000) / (now - times[0]))
              })
            })""";

    private static final String BARE = """
            (many) => {
              const svg = document.querySelector('svg')
              const lines = Array.from({ length: many }, () => {
                const line = document.createElementNS('http://www.w3.org/2000/svg', 'line')
                line.setAttribute('stroke', '#222')
                line.setAttribute('stroke-width', 8)
                svg.append(line)
                return line
              })
              let n = 0
              requestAnimationFrame(function each() {
                n++
                lines.forEach((line, i) => {
                  const [x, y] = [(i * 37) % 1280, (i * 53) % 700]
                  line.setAttribute('x1', x)
                  line.setAttribute('y1', y)
                  line.setAttribute('x2', x + 30 * Math.cos(n / 20 + i))
                  line.setAttribute('y2', y + 30 * Math.sin(n / 20 + i))
                })
                requestAnimationFrame(each)
              })
            }""";

    private EyeBench() {}

    public static void main(String[] arguments) {
        try (Application application = Application.start();
                Desk desk = new Desk(application.address())) {
            desk.signIn();
            Page page = desk.page;
            desk.open("/eye?skill=overarm-throw&cue=overarm-throw/side-on");
            page.getByLabel("On the floor").click();
            page.getByText("all twelve at once").click();
            desk.button("Begin").click();
            for (int child = 1; child < CHILDREN; child++) desk.judge(child, true);
            HallBench.slow(page);
            desk.judge(CHILDREN, true);
            double figures = pictures(page);
            int shapes = ((Number) page.evaluate(SHAPES)).intValue();
            Page bare = page.context().newPage();
            bare.setContent("<body style='margin: 0'><svg width='1280' height='700'></svg></body>");
            bare.evaluate(BARE, shapes);
            HallBench.slow(bare);
            double lines = pictures(bare);
            System.out.println("| what | measured |\n|---|---|");
            System.out.println(Words.say(
                    "| twelve figures moving at once, %d shapes, four times slower; as many bare lines | %.1f pictures a second; %.1f |",
                    shapes, figures, lines));
        }
        Desk.endDriver();
    }

    private static double pictures(Page page) {
        return ((Number) page.evaluate(PICTURES)).doubleValue();
    }
}
