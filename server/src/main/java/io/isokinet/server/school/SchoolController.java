package io.isokinet.server.school;

import io.isokinet.core.quantity.LengthUnit;
import io.isokinet.core.quantity.Paper;
import io.isokinet.core.safety.Caution;
import io.isokinet.core.safety.SafetyRule;
import io.isokinet.server.account.Anybody;
import io.isokinet.server.account.LeadOnly;
import io.isokinet.server.account.MayRead;
import io.isokinet.server.http.IfMatch;
import io.isokinet.server.school.FirstRun.FirstRunView;
import io.isokinet.server.school.Schools.ErasedTrials;
import io.isokinet.server.school.Schools.SchoolForm;
import io.isokinet.server.school.Schools.SchoolView;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import java.time.DayOfWeek;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api")
class SchoolController {
    private final Schools schools;
    private final FirstRun firstRun;

    SchoolController(Schools schools, FirstRun firstRun) {
        this.schools = schools;
        this.firstRun = firstRun;
    }

    /** @param softened and the ends of the band and the paper, as they were if left out; the band in percent */
    record SchoolBody(
            @NotBlank String name,
            @NotBlank String timeZone,
            @NotNull YearNaming yearNaming,
            @NotNull Map<Integer, String> ownYears,
            @NotNull LengthUnit lengthUnit,
            @NotNull Integer paceCm,
            @NotBlank String paceWhose,
            @NotNull DayOfWeek weekStarts,
            @NotNull List<String> cautions,
            @Nullable List<String> softened,
            @Nullable Integer bandFrom,
            @Nullable Integer bandTo,
            @NotNull ErasedTrials erasedTrials,
            @Nullable Paper paper) {}

    record FirstRunForm(
            @NotBlank String code,
            @NotBlank String school,
            @NotBlank String timeZone,
            @NotNull YearNaming yearNaming,
            @NotBlank String name,
            @NotBlank String signIn,
            @NotBlank String password) {}

    @GetMapping("/school")
    @MayRead
    SchoolView school() {
        return schools.view();
    }

    @PutMapping("/school")
    @LeadOnly
    SchoolView change(IfMatch version, @Valid @RequestBody SchoolBody body) {
        SchoolView was = schools.view();
        return schools.change(
                new SchoolForm(
                        body.name(),
                        body.timeZone(),
                        body.yearNaming(),
                        body.ownYears(),
                        body.lengthUnit(),
                        body.paceCm(),
                        body.paceWhose(),
                        body.weekStarts(),
                        body.cautions(),
                        Objects.requireNonNullElse(body.softened(), was.softened()),
                        Objects.requireNonNullElse(body.bandFrom(), was.bandFrom()),
                        Objects.requireNonNullElse(body.bandTo(), was.bandTo()),
                        body.erasedTrials(),
                        Objects.requireNonNullElse(body.paper(), was.paper())),
                version);
    }

    /**
     * A usual caution.
     *
     * @param fixed true if no school may soften it
     */
    record CautionRule(String key, String title, Caution.Weight weight, boolean fixed) {}

    @GetMapping("/cautions")
    @MayRead
    List<CautionRule> cautions() {
        return Arrays.stream(SafetyRule.values())
                .map(r -> new CautionRule(r.key(), r.title(), r.weight(), r.fixed()))
                .toList();
    }

    @GetMapping("/first-run")
    @Anybody
    FirstRunView firstRun() {
        return firstRun.view();
    }

    /** Makes the first school and its lead on an empty database. */
    @PostMapping("/first-run")
    @Anybody
    ResponseEntity<Void> start(@Valid @RequestBody FirstRunForm form) {
        firstRun.start(
                form.code(),
                form.school(),
                form.timeZone(),
                form.yearNaming(),
                form.name(),
                form.signIn(),
                form.password());
        return ResponseEntity.noContent().build();
    }
}
