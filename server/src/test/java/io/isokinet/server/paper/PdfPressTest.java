package io.isokinet.server.paper;

import static org.assertj.core.api.Assertions.assertThat;

import io.isokinet.core.quantity.Lengths;
import io.isokinet.core.quantity.Paper;
import java.io.IOException;
import java.text.Normalizer;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

/** Invented names in the scripts that classes are written in; common practice, no source. */
class PdfPressTest {
    private static final List<String> NAMES = List.of(
            "Ada Berg",
            "Nguyễn Thị Hường",
            "Iğdır Şirin İnci",
            "Ŵyn Ŷnyr",
            "Ọlásúnkànmí Ẹniọlá",
            "Łucja Żółć",
            "Ελένη Παππά",
            "Ἑλένη",
            "Софія Ґалаґан",
            "Þórdís Ægisdóttir");
    private static final List<String> LARGE = List.of("王小明", "陳美麗", "さくら", "ケンタ", "김민준");
    private final PdfPress press = new PdfPress(Lengths::plain, () -> Paper.A4);

    private PDDocument cards(List<String> names) throws IOException {
        Map<String, Object> stretch =
                Map.of("plan", Map.of("name", "Skittle pier"), "task", Map.of("scoring", "one a hit"));
        return Loader.loadPDF(
                press.print("score-cards", "Cards", Map.of("cards", List.of(new Card(stretch, null, names)))));
    }

    /** What the template asks of a card. */
    public record Card(Map<String, Object> stretch, Object group, List<String> names) {
        public Map<String, Object> getStretch() {
            return stretch;
        }
    }

    private static String text(PDDocument pdf) throws IOException {
        return Normalizer.normalize(new PDFTextStripper().getText(pdf), Normalizer.Form.NFKC);
    }

    @Test
    void everyNameOfAClassIsPrinted() throws IOException {
        try (PDDocument pdf = cards(NAMES)) {
            assertThat(text(pdf).lines()).containsAll(NAMES).noneMatch(l -> l.contains("#") || l.contains("?"));
        }
        try (PDDocument pdf = cards(LARGE)) {
            assertThat(text(pdf).lines()).containsAll(LARGE).noneMatch(l -> l.contains("#") || l.contains("?"));
        }
    }

    @Test
    void namesFromTheRightAreShapedAndOrdered() throws IOException {
        List<String> names = List.of("ליאור כהן", "محمد علي", "Noor نور");
        try (PDDocument pdf = cards(names)) {
            // The stripper reads letters as they lie and turns lines from the right around again.
            String text = text(pdf);
            assertThat(text).doesNotContain("#").doesNotContain("?").contains(names);
            // Joined letters have signs of their own (Unicode, Arabic Presentation Forms-B): 062D within a word is
            // FEA4.
            String raw = new PDFTextStripper().getText(pdf);
            assertThat(fonts(pdf))
                    .anyMatch(f -> f.contains("NotoSansArabic"))
                    .anyMatch(f -> f.contains("NotoSansHebrew"));
        }
    }

    @Test
    void theFontsOfOtherScriptsAreReadOnlyWhereALetterAsksForThem() throws IOException {
        try (PDDocument pdf = cards(List.of("Ada Berg"))) {
            assertThat(fonts(pdf)).noneMatch(f -> f.contains("Noto"));
        }
    }

    @Test
    void whatNoFontHasIsAQuestionMark() throws IOException {
        try (PDDocument pdf = cards(List.of("\u12a0\u1260\u1260"))) {
            assertThat(text(pdf)).doesNotContain("#").contains("???");
        }
    }

    @Test
    void aControlCharacterInANameDoesNotStopAPaper() throws IOException {
        try (PDDocument pdf = cards(List.of("Ada\u0001 \u0000Berg\uffff"))) {
            assertThat(text(pdf).lines()).contains("Ada Berg");
        }
    }

    @Test
    void aPaperSaysItsLanguageAndItsTitle() throws IOException {
        try (PDDocument pdf = cards(NAMES)) {
            assertThat(pdf.getDocumentCatalog().getLanguage()).isEqualTo("en-GB");
            assertThat(pdf.getDocumentInformation().getTitle()).isEqualTo("Cards");
        }
    }

    @Test
    void aFileIsNamedAfterItsTitleInAnyScript() {
        String disposition =
                PdfPress.answer("Софія at home", new byte[0]).getHeaders().getFirst("Content-Disposition");
        assertThat(disposition).contains("filename*=UTF-8''%D1%81%D0%BE%D1%84%D1%96%D1%8F-at-home.pdf");
    }

    private static Set<String> fonts(PDDocument pdf) throws IOException {
        Set<String> names = new HashSet<>();
        for (PDPage page : pdf.getPages())
            for (COSName name : page.getResources().getFontNames()) {
                PDFont font = page.getResources().getFont(name);
                names.add(font.getName());
            }
        return names;
    }
}
