package io.isokinet.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A school that prints on Letter gets all of its paper so, and a lesson still on one side. */
@ExtendWith(RunningServer.class)
class PaperSizeTest {
    private final TestSchool school = TestSchool.make();
    private final UUID terns = school.schoolClass("Terns", 7, TestSchool.names(20));
    private final UUID unit = school.unit(terns, 2, 30);

    private void print(String on) {
        JsonNode was = school.as.get("/api/school").json();
        Map<String, Object> body = new LinkedHashMap<>();
        for (String key : new String[] {
            "name",
            "timeZone",
            "yearNaming",
            "lengthUnit",
            "paceCm",
            "paceWhose",
            "weekStarts",
            "cautions",
            "erasedTrials"
        }) body.put(key, was.get(key));
        body.put("ownYears", Map.of());
        body.put("paper", on);
        assertThat(school.as
                        .put(
                                "/api/school",
                                body,
                                "If-Match",
                                "\"%d\"".formatted(was.get("version").asInt()))
                        .status())
                .isEqualTo(200);
    }

    private void isOn(String path, PDRectangle paper, boolean across) throws IOException {
        byte[] pdf = school.as.get(path).response().body();
        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertThat(document.getNumberOfPages()).as(path).isEqualTo(1);
            PDRectangle box = document.getPage(0).getMediaBox();
            assertThat(box.getWidth()).isCloseTo(across ? paper.getHeight() : paper.getWidth(), within(1f));
            assertThat(box.getHeight()).isCloseTo(across ? paper.getWidth() : paper.getHeight(), within(1f));
        }
    }

    @Test
    void sheetsAndUnitsAreOnThePaperOfTheSchool() throws IOException {
        JsonNode lessons = school.as.get("/api/units/" + unit).json().get("lessons");
        String sheet = "/api/lessons/" + lessons.get(0).get("id").asString() + "/paper?kind=SHEET";
        isOn(sheet, PDRectangle.A4, false);
        print("LETTER");
        for (JsonNode lesson : lessons)
            isOn("/api/lessons/" + lesson.get("id").asString() + "/paper?kind=SHEET", PDRectangle.LETTER, false);
        isOn("/api/units/" + unit + "/paper", PDRectangle.LETTER, true);
        print("A4");
        isOn(sheet, PDRectangle.A4, false);
    }
}
