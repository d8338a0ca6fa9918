package io.isokinet.server.report;

import io.isokinet.core.mastery.Mark;
import io.isokinet.server.account.Audit;
import io.isokinet.server.account.MayPlan;
import io.isokinet.server.account.Subject;
import io.isokinet.server.knowhow.KnowHows;
import io.isokinet.server.paper.PdfPress;
import io.isokinet.server.report.ChildPicture.CuePicture;
import io.isokinet.server.report.ChildPicture.SkillPicture;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/children/{id}")
class ReportController {
    private static final Set<Mark> CAN = EnumSet.of(Mark.SECURE, Mark.MASTERED);
    private static final Set<Mark> LEARNS = EnumSet.of(Mark.NOT_SEEN, Mark.EMERGING, Mark.NEAR, Mark.DUE);
    private static final int MOST_AT_HOME = 2;

    private final ChildPictures pictures;
    private final Audit audit;
    private final KnowHows knowHows;
    private final PdfPress press;

    ReportController(ChildPictures pictures, KnowHows knowHows, PdfPress press, Audit audit) {
        this.pictures = pictures;
        this.audit = audit;
        this.knowHows = knowHows;
        this.press = press;
    }

    /** @param sets cue-set keys, one a skill */
    @GetMapping("/picture")
    @MayPlan(of = Subject.CHILD)
    ChildPicture picture(@PathVariable UUID id, @RequestParam("set") List<String> sets) {
        ChildPicture picture = pictures.believed(id, sets);
        audit.read("looked at a child's page", id);
        return picture;
    }

    /**
     * A skill as parents read it.
     *
     * @param can and
     * @param learns are calls of cues
     * @param home what to try at home
     */
    record HomeSkill(String name, List<String> can, List<String> learns, List<String> home) {}

    /** A page for parents, in plain words, without ranks and without marks. */
    @GetMapping(value = "/paper", produces = MediaType.APPLICATION_PDF_VALUE)
    @MayPlan(of = Subject.CHILD)
    ResponseEntity<byte[]> paper(@PathVariable UUID id, @RequestParam("set") List<String> sets) {
        ChildPicture picture = pictures.of(id, sets);
        audit.read("printed a child's page", id);
        List<HomeSkill> skills = picture.skills().stream()
                .map(this::home)
                .filter(s -> !s.can().isEmpty() || !s.learns().isEmpty())
                .toList();
        return PdfPress.answer(
                "For home",
                press.print(
                        "child-home",
                        picture.child().given(),
                        Map.of("skills", skills, "bests", picture.bests(), "on", picture.on())));
    }

    private HomeSkill home(SkillPicture skill) {
        return new HomeSkill(
                skill.name(),
                calls(skill, CAN),
                calls(skill, LEARNS),
                knowHows.current().activities().stream()
                        .filter(a -> Objects.equals(a.skill(), skill.skill()))
                        .map(a -> a.conduct().home())
                        .filter(Objects::nonNull)
                        .limit(MOST_AT_HOME)
                        .toList());
    }

    private static List<String> calls(SkillPicture skill, Set<Mark> marks) {
        return skill.cues().stream()
                .filter(c -> marks.contains(c.cell().mark()))
                .map(CuePicture::call)
                .toList();
    }
}
