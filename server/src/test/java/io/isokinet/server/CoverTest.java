package io.isokinet.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.DecodeHintType;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import io.isokinet.server.account.Secrets;
import io.isokinet.server.keeping.Removals;
import io.isokinet.server.tenancy.SchoolScope;
import java.awt.image.BufferedImage;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

/** A lesson in the hands of an adult who has no account and never taught it. */
@ExtendWith(RunningServer.class)
class CoverTest {
    private final TestSchool school = TestSchool.make();
    private final UUID terns = school.schoolClass("Terns", 7, TestSchool.names(20));
    private final UUID unit = school.unit(terns, 2, 30);
    private final Caller nobody = new Caller(RunningServer.address());
    private final String lesson = school.as
            .get("/api/units/" + unit)
            .json()
            .get("lessons")
            .get(0)
            .get("id")
            .asString();

    private String code() {
        String path = school.as
                .post("/api/lessons/" + lesson + "/cover", "{}")
                .json()
                .get("path")
                .asString();
        return path.substring("/cover/".length());
    }

    @Test
    void aCodeOpensItsLessonForWhoIsNotSignedInAndNothingElse() {
        JsonNode cover = nobody.get("/api/cover/" + code()).json();
        assertThat(cover.get("className").asString()).isEqualTo("Terns");
        assertThat(cover.get("children")).hasSize(20);
        assertThat(cover.get("steps").size()).isGreaterThan(3);
        for (JsonNode step : cover.get("steps")) {
            assertThat(step.get("what").asString()).isNotBlank();
            assertThat(step.get("stop").asString()).startsWith("After ");
        }
        assertThat(cover.toString()).doesNotContain("%").doesNotContain("mark");
        assertThat(nobody.get("/api/lessons/" + lesson + "/sheet").status()).isEqualTo(401);
    }

    /** Who is away is written down for the lesson, and nobody who is not of it. */
    @Test
    void theRegisterIsKept() {
        String code = code();
        String away = "/api/cover/" + code + "/away";
        List<String> ids =
                nobody.get("/api/cover/" + code).json().get("children").findValuesAsString("id");
        UUID stranger = school.children(school.schoolClass("Auks", 7, "Ada Sand"))
                .values()
                .iterator()
                .next();
        Caller.Answer told = nobody.post(away, Map.of("away", List.of(ids.get(3), stranger)));
        assertThat(told.status()).as(told.body()).isEqualTo(200);
        assertThat(told.json().get("children").get(3).get("away").asBoolean()).isTrue();
        JsonNode day = school.as.get("/api/today").json().get("lessons").get(0).get("away");
        assertThat(day.toString()).contains(ids.get(3)).doesNotContain(stranger.toString());
        nobody.post(away, Map.of("away", List.of()));
        assertThat(school.as.get("/api/today").json().get("lessons").get(0).get("away"))
                .isEmpty();
        assertThat(nobody.post("/api/cover/never-made/away", Map.of("away", List.of()))
                        .status())
                .isEqualTo(404);
    }

    @Test
    void itEndsByItself() {
        String code = code();
        RunningServer.bean(JdbcClient.class)
                .sql("update cover_code set ends_at = ends_at - interval '400 days' where school_id = ?")
                .param(school.id)
                .update();
        assertThat(nobody.get("/api/cover/" + code).detail()).contains("has ended", "Ask who gave it to you");
        assertThat(nobody.get("/api/cover/never-made").status()).isEqualTo(404);
    }

    /** One side; what a camera reads off it opens the lesson. */
    @Test
    void theSheetHasOneSideAndItsCodeCanBeRead() throws Exception {
        String code = code();
        try (PDDocument pdf = Loader.loadPDF(
                nobody.get("/api/cover/" + code + "/paper").response().body())) {
            assertThat(pdf.getNumberOfPages()).isEqualTo(1);
            assertThat(new PDFTextStripper().getText(pdf)).contains("Terns", "Stop signal", "Do ", "Stop ");
            BufferedImage page = new PDFRenderer(pdf).renderImageWithDPI(0, 200);
            int[] pixels = page.getRGB(0, 0, page.getWidth(), page.getHeight(), null, 0, page.getWidth());
            String read = new QRCodeReader()
                    .decode(
                            new BinaryBitmap(new HybridBinarizer(
                                    new RGBLuminanceSource(page.getWidth(), page.getHeight(), pixels))),
                            Map.of(DecodeHintType.TRY_HARDER, true))
                    .getText();
            assertThat(read).endsWith("/cover/" + code);
        }
    }

    /** However full a side is, what the school itself added is on both papers, and local rules close them. */
    @Test
    void whatTheSchoolAddedIsNeverLeftOut() throws Exception {
        JsonNode now = school.as.get("/api/school").json();
        Map<String, Object> form = new HashMap<>();
        now.propertyNames().forEach(key -> form.put(key, now.get(key)));
        form.put("ownYears", Map.of());
        List<String> own =
                List.of("The stage stays closed.", "Nobody goes behind the piano.", "The low beam is padded.");
        form.put("cautions", own);
        Caller.Answer saved = school.as.put(
                "/api/school", form, "If-Match", "\"" + now.get("version").asInt() + "\"");
        assertThat(saved.status()).as(saved.body()).isEqualTo(200);
        for (String paper : List.of("/api/lessons/" + lesson + "/paper?kind=SHEET", "/api/cover/" + code() + "/paper"))
            try (PDDocument pdf = Loader.loadPDF(school.as.get(paper).response().body())) {
                String text = new PDFTextStripper().getText(pdf).replaceAll("\\s+", " ");
                assertThat(text).as(paper).contains(own).containsOnlyOnce("local rules come first");
                assertThat(pdf.getNumberOfPages()).isEqualTo(1);
            }
    }

    /** What ended long ago is deleted in the night; what is open stays. */
    @Test
    void codesThatEndedLongAgoAreDeleted() {
        JdbcClient jdbc = RunningServer.bean(JdbcClient.class);
        String open = code();
        code();
        jdbc.sql(
                        "update cover_code set ends_at = ends_at - interval '400 days' where school_id = ? and secret_sha256 <> ?")
                .params(school.id, Secrets.hash(open))
                .update();
        try (var scope = SchoolScope.enter(school.id)) {
            RunningServer.bean(Removals.class).forget();
        }
        assertThat(jdbc.sql("select count(*) from cover_code where school_id = ?")
                        .param(school.id)
                        .query(Integer.class)
                        .single())
                .isEqualTo(1);
        assertThat(nobody.get("/api/cover/" + open).status()).isEqualTo(200);
    }
}
