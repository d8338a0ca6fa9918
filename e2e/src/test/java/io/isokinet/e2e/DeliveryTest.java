package io.isokinet.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.APIResponse;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** What browsers may keep of the client, as they are told by the packaged application. */
class DeliveryTest extends Journey {
    private static final Pattern SCRIPT = Pattern.compile("src=\"(/assets/[^\"]+\\.js)\"");

    @Test
    void pagesAreAskedForAnewAndHashedFilesAreKept() {
        try (Desk desk = new Desk(application().address())) {
            for (String page : new String[] {"/", "/hall", "/sw.js"}) {
                APIResponse answer = desk.page.request().get(application().address() + page);
                assertThat(answer.status()).as(page).isEqualTo(200);
                assertThat(answer.headers().get("cache-control")).as(page).contains("no-cache");
            }
            Matcher script = SCRIPT.matcher(
                    desk.page.request().get(application().address() + "/").text());
            assertThat(script.find()).isTrue();
            APIResponse hashed = desk.page.request().get(application().address() + script.group(1));
            assertThat(hashed.headers().get("cache-control")).contains("max-age=31536000", "immutable");
            assertThat(hashed.headers()).containsEntry("content-encoding", "gzip");
        }
    }
}
