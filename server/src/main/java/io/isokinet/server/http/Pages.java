package io.isokinet.server.http;

import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/** The two entries of the client: every desk address is the desk's page, every hall address the hall's. */
@Controller
class Pages {
    @GetMapping({"/", "/{a:[a-z-]+}", "/{a:(?!api|hall|assets|core)[a-z-]+}/{*rest}"})
    String desk() {
        return "forward:/index.html";
    }

    @GetMapping({"/hall", "/hall/{*rest}"})
    String hall() {
        return "forward:/hall.html";
    }
}
