package io.isokinet.server.knowhow;

import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.knowhow.Library;
import io.isokinet.core.skill.Action;
import io.isokinet.core.skill.Cue;
import io.isokinet.core.skill.Skill;
import io.isokinet.server.account.MayRead;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** From what goes wrong to the likely cause, the cue to give and where to work on it. */
@RestController
@RequestMapping("/api")
class SymptomController {
    private static final int MOST_SYMPTOMS = 60;
    private static final int MOST_DRILLS = 3;

    private final KnowHows knowHows;
    private final Finder finder;

    SymptomController(KnowHows knowHows, Finder finder) {
        this.knowHows = knowHows;
        this.finder = finder;
    }

    /**
     * @param fault which of the cue's faults it is, from 0; null where it is none of them
     * @param use activities to work on it in, the best first
     */
    record SymptomView(
            String key,
            CueView.Mirrored seen,
            @Nullable String cause,
            CueView.@Nullable Mirrored fix,
            String cue,
            @Nullable Integer fault,
            CueView.Mirrored call,
            CueView.Mirrored view,
            String skill,
            String skillName,
            List<ActivityLine> use) {}

    record SymptomsFound(int total, int of, boolean guessed, List<SymptomView> found) {}

    /** From what is seen to the likely cause, the cue to give and where to work on it. */
    @GetMapping("/symptoms")
    @MayRead
    @Transactional(readOnly = true)
    public SymptomsFound symptoms(
            @RequestParam(required = false) @Nullable String words,
            @RequestParam(required = false) @Nullable String skill) {
        KnowHows.InForce now = knowHows.inForce();
        Finder.Found found = finder.find(Finder.Kind.SYMPTOM, now.packs(), Finder.Wanted.of(words, skill));
        // A cause that is known comes before a fault of one cue.
        List<String> keys = new ArrayList<>(found.keys());
        if (words == null || words.isBlank()) keys.sort((a, b) -> Boolean.compare(a.contains("#"), b.contains("#")));
        int all = now.knowHow().library().symptoms().size()
                + now.knowHow().skills().stream()
                        .flatMap(s -> s.cues().stream())
                        .mapToInt(c -> c.faults().size())
                        .sum();
        return new SymptomsFound(
                keys.size(),
                all,
                found.guessed(),
                keys.stream()
                        .limit(MOST_SYMPTOMS)
                        .map(k -> symptom(k, now.knowHow()))
                        .toList());
    }

    private SymptomView symptom(String key, KnowHow known) {
        int hash = key.lastIndexOf('#');
        if (hash >= 0 && known.hasCue(key.substring(0, hash))) {
            Cue cue = known.cue(key.substring(0, hash));
            Action action = known.skill(cue.skill()).action();
            int which = Integer.parseInt(key.substring(hash + 1));
            var fault = cue.faults().get(which);
            return symptom(
                    key,
                    CueView.Mirrored.of(fault.told(), action),
                    null,
                    CueView.Mirrored.of(fault.fix(), action),
                    cue,
                    which,
                    null,
                    known);
        }
        Library.Symptom s = known.library().symptoms().stream()
                .filter(x -> x.seen().equals(key))
                .findFirst()
                .orElseThrow();
        Cue cue = known.cue(s.cue());
        Action action = known.skill(cue.skill()).action();
        return symptom(key, CueView.Mirrored.of(s.seen(), action), s.cause(), null, cue, null, s.activity(), known);
    }

    private SymptomView symptom(
            String key,
            CueView.Mirrored seen,
            @Nullable String cause,
            CueView.@Nullable Mirrored fix,
            Cue cue,
            @Nullable Integer fault,
            @Nullable String first,
            KnowHow known) {
        Skill skill = known.skill(cue.skill());
        List<ActivityLine> use = new ArrayList<>();
        if (first != null) use.add(ActivityLine.of(known.activity(first), knowHows));
        known.activities().stream()
                .filter(a -> a.showsWell().contains(cue.key()) && !a.key().equals(first))
                .limit(MOST_DRILLS - use.size())
                .forEach(a -> use.add(ActivityLine.of(a, knowHows)));
        return new SymptomView(
                key,
                seen,
                cause,
                fix,
                cue.key(),
                fault,
                CueView.Mirrored.of(cue.call(), skill.action()),
                CueView.Mirrored.of(cue.view(), skill.action()),
                skill.key(),
                skill.name(),
                use);
    }
}
