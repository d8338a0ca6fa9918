package io.isokinet.server.mastery;

import io.isokinet.core.mastery.MasteryRule;
import io.isokinet.server.account.LeadOnly;
import io.isokinet.server.account.MayReport;
import io.isokinet.server.http.Fields;
import io.isokinet.server.knowhow.KnowHows;
import io.isokinet.server.school.Schools;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The rules of mastery by cue set. A new rule holds from today on; what was before stays judged by the rule of its day. */
@RestController
@RequestMapping("/api/mastery-rules")
class RuleController {
    private final RuleBook rules;
    private final KnowHows knowHows;
    private final Schools schools;

    RuleController(RuleBook rules, KnowHows knowHows, Schools schools) {
        this.rules = rules;
        this.knowHows = knowHows;
        this.schools = schools;
    }

    /** @param cueSet null for the rule of all sets that have none of their own @param own true if the set has a rule of its own */
    record RuleView(@Nullable String cueSet, String name, MasteryRule rule, String sentence, boolean own) {}

    /** @param cueSet null for all sets that have no rule of their own */
    record RuleForm(
            @Nullable String cueSet,
            @NotNull Integer allOfLast,
            @NotNull Integer enough,
            @NotNull Integer ofLast,
            @NotNull Integer lessons,
            @NotNull Integer checkEnough,
            @NotNull Integer checkOf,
            @Nullable Integer dueAfterWeeks) {
        MasteryRule toRule() {
            new Fields()
                    .check(allOfLast >= 1 && allOfLast <= 5, "allOfLast", "must be 1 to 5.")
                    .check(ofLast >= 1 && ofLast <= 5, "ofLast", "must be 1 to 5.")
                    .check(enough >= 1 && enough <= ofLast, "enough", "must be 1 to %d.".formatted(ofLast))
                    .check(lessons >= 1 && lessons <= 5, "lessons", "must be 1 to 5.")
                    .check(checkOf >= 1 && checkOf <= 10, "checkOf", "must be 1 to 10.")
                    .check(
                            checkEnough >= 1 && checkEnough <= checkOf,
                            "checkEnough",
                            "must be 1 to %d.".formatted(checkOf))
                    .check(
                            dueAfterWeeks == null || dueAfterWeeks >= 1 && dueAfterWeeks <= 104,
                            "dueAfterWeeks",
                            "must be 1 to 104, or empty for never.")
                    .done();
            return new MasteryRule(allOfLast, enough, ofLast, lessons, checkEnough, checkOf, dueAfterWeeks);
        }
    }

    @GetMapping
    @MayReport
    List<RuleView> rules() {
        List<RuleView> views = new java.util.ArrayList<>();
        views.add(view(null, "every cue set without a rule of its own"));
        knowHows.current().skills().forEach(s -> s.taught()
                .forEach(set -> views.add(view(set.key(), s.name() + ", " + set.name()))));
        return views;
    }

    @PutMapping
    @LeadOnly
    List<RuleView> change(@Valid @RequestBody RuleForm form) {
        if (form.cueSet() != null) knowHows.current().set(form.cueSet());
        rules.set(form.cueSet(), form.toRule(), schools.today());
        return rules();
    }

    private RuleView view(@Nullable String cueSet, String name) {
        MasteryRule rule = rules.inForce(cueSet, schools.today());
        return new RuleView(
                cueSet, name, rule, rule.sentence(), cueSet != null && rules.hasOwn(cueSet, schools.today()));
    }
}
