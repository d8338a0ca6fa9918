package io.isokinet.server.lesson;

import io.isokinet.server.account.Anybody;
import io.isokinet.server.account.CoverCodes;
import io.isokinet.server.account.CoverCodes.Cover;
import io.isokinet.server.account.MayPlan;
import io.isokinet.server.account.Subject;
import io.isokinet.server.paper.PdfPress;
import io.isokinet.server.school.Schools;
import io.isokinet.server.tenancy.SchoolScope;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalTime;
import java.util.Set;
import java.util.UUID;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** A lesson in the hands of who covers it: a code opens it until it is over, and a sheet of paper holds without one. */
@RestController
@RequestMapping("/api")
class CoverController {
    /** A lesson that begins late is still open. */
    private static final Duration AFTER = Duration.ofMinutes(30);

    private final CoverCodes codes;
    private final Sheets sheets;
    private final Papers papers;
    private final Schools schools;
    private final CoverRegister register;

    CoverController(CoverCodes codes, Sheets sheets, Papers papers, Schools schools, CoverRegister register) {
        this.register = register;
        this.codes = codes;
        this.sheets = sheets;
        this.papers = papers;
        this.schools = schools;
    }

    /** @param path that opens it @param ends when it does so by itself */
    record CoverMade(String path, Instant ends) {}

    @PostMapping("/lessons/{id}/cover")
    @MayPlan(of = Subject.LESSON)
    CoverMade make(@PathVariable UUID id) {
        SheetView sheet = sheets.view(id);
        LocalTime starts = sheet.starts();
        Instant ends = starts == null
                ? sheet.onDate().plusDays(1).atStartOfDay(schools.zone()).toInstant()
                : sheet.onDate()
                        .atTime(starts)
                        .atZone(schools.zone())
                        .toInstant()
                        .plus(Duration.ofMinutes(sheet.minutes()))
                        .plus(AFTER);
        return new CoverMade("/cover/" + codes.make(id, ends), ends);
    }

    @GetMapping("/cover/{secret}")
    @Anybody
    ResponseEntity<CoverView> view(@PathVariable String secret) {
        Cover cover = codes.open(secret);
        return ResponseEntity.ok()
                .cacheControl(CacheControl.noStore())
                .body(SchoolScope.call(cover.school(), () -> CoverView.of(sheets.work(cover.lesson()), cover.ends())));
    }

    record CoverAway(@NotNull Set<UUID> away) {}

    /** Who is away; everybody else is there. Nothing else can be written down with a code. */
    @PostMapping("/cover/{secret}/away")
    @Anybody
    CoverView away(@PathVariable String secret, @Valid @RequestBody CoverAway form) {
        Cover cover = codes.open(secret);
        return SchoolScope.call(cover.school(), () -> {
            register.take(cover, form.away());
            return CoverView.of(sheets.work(cover.lesson()), cover.ends());
        });
    }

    /** One side of paper, with the code to open the lesson on a screen. */
    @GetMapping(value = "/cover/{secret}/paper", produces = MediaType.APPLICATION_PDF_VALUE)
    @Anybody
    ResponseEntity<byte[]> paper(@PathVariable String secret) {
        Cover cover = codes.open(secret);
        String address = ServletUriComponentsBuilder.fromCurrentContextPath()
                .path("/cover/{secret}")
                .buildAndExpand(secret)
                .toUriString();
        return SchoolScope.call(cover.school(), () -> {
            CoverView view = CoverView.of(sheets.work(cover.lesson()), cover.ends());
            return PdfPress.answer("Cover " + view.className(), papers.cover(view, address));
        });
    }
}
