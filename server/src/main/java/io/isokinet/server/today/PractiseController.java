package io.isokinet.server.today;

import io.isokinet.core.eye.OwnEye;
import io.isokinet.core.eye.Verdict;
import io.isokinet.core.figure.Demonstration;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.skill.Skill;
import io.isokinet.server.account.MayRead;
import io.isokinet.server.account.SignedIn;
import io.isokinet.server.account.Teams;
import io.isokinet.server.eye.OwnEyes;
import io.isokinet.server.knowhow.CueView.Mirrored;
import io.isokinet.server.knowhow.KnowHows;
import io.isokinet.server.school.Schools;
import io.isokinet.server.unit.LessonHeader;
import io.isokinet.server.unit.LessonState;
import io.isokinet.server.unit.Lessons;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What to practise before Monday: cues of the next lessons that one's eye does not see for sure yet. */
@RestController
@RequestMapping("/api/eye/practise")
class PractiseController {
    private static final int DAYS = 7;
    private static final int MOST = 8;

    private final Lessons lessons;
    private final OwnEyes eyes;
    private final KnowHows knowHows;
    private final Schools schools;
    private final Teams teams;

    PractiseController(Lessons lessons, OwnEyes eyes, KnowHows knowHows, Schools schools, Teams teams) {
        this.lessons = lessons;
        this.eyes = eyes;
        this.knowHows = knowHows;
        this.schools = schools;
        this.teams = teams;
    }

    /**
     * A cue that is worth a round.
     *
     * @param on the first lesson in which it is looked for
     * @param title of its unit
     */
    record PractiseLine(
            String cue,
            String call,
            String skill,
            String skillName,
            LocalDate on,
            String title,
            Verdict.Share right,
            String sentence) {}

    /** The weakest first, of the classes that are given to who asks; of all that may be seen where none is. */
    @GetMapping
    @MayRead
    @Transactional(readOnly = true)
    public List<PractiseLine> practise() {
        LocalDate today = schools.today();
        Set<UUID> given = teams.given(SignedIn.current().person());
        Predicate<UUID> mine = given.isEmpty() ? teams.visible() : given::contains;
        Map<String, LessonHeader> first = new LinkedHashMap<>();
        for (LessonHeader l : lessons.between(today, today.plusDays(DAYS), mine))
            if (l.state() == LessonState.PLANNED) l.focus().forEach(cue -> first.putIfAbsent(cue, l));
        KnowHow known = knowHows.current();
        List<String> cues =
                first.keySet().stream().filter(c -> isDrawn(known, c)).toList();
        OwnEye own = eyes.own();
        List<PractiseLine> lines = new ArrayList<>();
        for (OwnEye.Weak w : own.practise(cues)) {
            Skill skill = known.skill(known.cue(w.cue()).skill());
            LessonHeader lesson = first.get(w.cue());
            lines.add(new PractiseLine(
                    w.cue(),
                    Mirrored.of(known.cue(w.cue()).call(), skill.action()).notSettled(),
                    skill.key(),
                    skill.name(),
                    lesson.onDate(),
                    lesson.title(),
                    w.right(),
                    w.sentence()));
            if (lines.size() == MOST) break;
        }
        return lines;
    }

    private static boolean isDrawn(KnowHow known, String cue) {
        if (!known.hasCue(cue)) return false;
        Demonstration shown =
                known.library().demonstrations().get(known.cue(cue).skill());
        return shown != null && shown.question(cue).isPresent();
    }
}
