package io.isokinet.server.paper;

import com.openhtmltopdf.bidi.support.ICUBidiReorderer;
import com.openhtmltopdf.bidi.support.ICUBidiSplitter;
import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FSFontUseCase;
import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PdfBoxRenderer;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.slf4j.Slf4jLogger;
import com.openhtmltopdf.svgsupport.BatikSVGDrawer;
import com.openhtmltopdf.util.XRLog;
import io.isokinet.core.check.Deadline;
import io.isokinet.core.quantity.Lengths;
import io.isokinet.core.quantity.Paper;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;
import org.thymeleaf.TemplateEngine;
import org.thymeleaf.context.Context;
import org.thymeleaf.templateresolver.ClassLoaderTemplateResolver;

/** Fills templates and prints them as PDF with the shipped fonts, from the left or from the right; fetches nothing. */
@Component
public class PdfPress {
    /** What the templates say; another paper takes its place. */
    private static final String WRITTEN_FOR = "size: A4";

    private static final Locale LANGUAGE = Locale.UK;
    private static final String FAMILY = "Atkinson Hyperlegible";
    /** The font of all paper first; then, in order, those that have the letters it lacks. A font is read when a letter asks for it. */
    private static final List<Font> FONTS = List.of(
            new Font(FAMILY, "AtkinsonHyperlegible-Regular", 400, FSFontUseCase.DOCUMENT),
            new Font(FAMILY, "AtkinsonHyperlegible-Bold", 700, FSFontUseCase.DOCUMENT),
            new Font("Noto Sans", "NotoSans-Regular", 400, FSFontUseCase.FALLBACK_FINAL),
            new Font("Noto Sans", "NotoSans-Bold", 700, FSFontUseCase.FALLBACK_FINAL),
            new Font("Noto Sans Arabic", "NotoSansArabic-Regular", 400, FSFontUseCase.FALLBACK_FINAL),
            new Font("Noto Sans Arabic", "NotoSansArabic-Bold", 700, FSFontUseCase.FALLBACK_FINAL),
            new Font("Noto Sans Hebrew", "NotoSansHebrew-Regular", 400, FSFontUseCase.FALLBACK_FINAL),
            new Font("Noto Sans Hebrew", "NotoSansHebrew-Bold", 700, FSFontUseCase.FALLBACK_FINAL),
            new Font("Noto Sans Chinese", "NotoSansChinese-Regular", 400, FSFontUseCase.FALLBACK_FINAL),
            new Font("Noto Sans Korean", "NotoSansKorean-Regular", 400, FSFontUseCase.FALLBACK_FINAL));

    /** What no document may hold (XML 1.0, 2.2); a name that was taken in before the door was there may. */
    private static final Pattern NO_TEXT =
            Pattern.compile("[^\\t\\n\\r\\x{20}-\\x{D7FF}\\x{E000}-\\x{FFFD}\\x{10000}-\\x{10FFFF}]");

    private final TemplateEngine engine = new TemplateEngine();
    private final String style = read("style.css");

    private final Lengths.Shown lengths;
    private final Paper.Chosen paper;

    /** @param lengths shows the lengths in what is printed @param paper that it is printed on */
    PdfPress(Lengths.Shown lengths, Paper.Chosen paper) {
        this.lengths = lengths;
        this.paper = paper;
        XRLog.setLoggerImpl(new Slf4jLogger());
        ClassLoaderTemplateResolver resolver = new ClassLoaderTemplateResolver();
        resolver.setPrefix("paper/");
        resolver.setSuffix(".html");
        engine.setTemplateResolver(resolver);
    }

    /** The first PDF takes seconds, the later ones a fraction: the first is made for nobody. */
    @EventListener(ApplicationReadyEvent.class)
    void warmUp() {
        CompletableFuture.runAsync(() -> print("make-sheets", "", Map.of("sheets", List.of())));
    }

    /** A PDF to open in the browser, named after its title. */
    public static ResponseEntity<byte[]> answer(String title, byte[] bytes) {
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.inline()
                                .filename(
                                        title.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{M}\\p{N}]+", "-")
                                                + ".pdf",
                                        StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(bytes);
    }

    /**
     * A page from a template of {@code paper/}.
     *
     * @param title also of the file
     */
    public byte[] print(String template, String title, Map<String, Object> model) {
        Deadline.check();
        Context context = new Context(LANGUAGE);
        context.setVariables(model);
        context.setVariable("title", title);
        context.setVariable("style", style);
        String html = NO_TEXT.matcher(lengths.of(engine.process(template, context)))
                .replaceAll("")
                .replace(WRITTEN_FOR, "size: " + paper.paper().label());
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        PdfRendererBuilder builder = new PdfRendererBuilder();
        builder.useFastMode();
        FONTS.forEach(font -> font.register(builder));
        builder.useUnicodeBidiSplitter(new ICUBidiSplitter.ICUBidiSplitterFactory());
        builder.useUnicodeBidiReorderer(new ICUBidiReorderer());
        builder.useReplacementText("?");
        builder.useSVGDrawer(new BatikSVGDrawer());
        // Nothing is fetched: all that a page needs is in it.
        builder.useUriResolver((base, uri) -> null);
        builder.withHtmlContent(html, null);
        builder.toStream(out);
        try (PdfBoxRenderer renderer = builder.buildPdfRenderer()) {
            renderer.layout();
            renderer.getPdfDocument().getDocumentCatalog().setLanguage(LANGUAGE.toLanguageTag());
            renderer.createPDF();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    /** How many pages a printed file has. */
    public static int pages(byte[] pdf) {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return document.getNumberOfPages();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** One weight of a shipped family. */
    private record Font(String family, String file, int weight, FSFontUseCase use) {
        void register(PdfRendererBuilder builder) {
            Set<FSFontUseCase> uses =
                    use == FSFontUseCase.DOCUMENT ? EnumSet.of(use, FSFontUseCase.SVG) : EnumSet.of(use);
            builder.useFont(() -> stream("/fonts/" + file + ".ttf"), family, weight, FontStyle.NORMAL, true, uses);
        }
    }

    private static InputStream stream(String name) {
        return Objects.requireNonNull(PdfPress.class.getResourceAsStream(name), name);
    }

    private static String read(String name) {
        try (InputStream in = stream("/paper/" + name)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
