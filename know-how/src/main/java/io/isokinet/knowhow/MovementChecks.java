package io.isokinet.knowhow;

import io.isokinet.core.check.Finding;
import io.isokinet.core.figure.Demonstration;
import io.isokinet.core.figure.Soundness;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.skill.Cue;
import io.isokinet.core.skill.Fault;
import io.isokinet.core.skill.Skill;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import tools.jackson.databind.JsonNode;

/** Whether a file of movements speaks of each cue and each fault of its skill, and whether what it shows is true. */
final class MovementChecks {
    private static final int MOST = 128;
    /** What was found of a file: the same one is read again and again while a pack is edited. */
    private static final Map<JsonNode, List<Finding>> KEPT =
            Collections.synchronizedMap(new LinkedHashMap<>(MOST, 0.75f, true) {
                @Override
                protected boolean removeEldestEntry(Map.Entry<JsonNode, List<Finding>> eldest) {
                    return size() > MOST;
                }
            });

    private final JsonNode tree;
    private final Demonstration shown;
    private final Map<String, String> places;
    private final List<Finding> findings = new ArrayList<>();

    private MovementChecks(JsonNode tree, Demonstration shown, Map<String, String> places) {
        this.tree = tree;
        this.shown = shown;
        this.places = places;
    }

    /** @param places where each keyed thing stands */
    static List<Finding> of(JsonNode tree, String skill, KnowHow known, Map<String, String> places) {
        return new MovementChecks(tree, known.library().demonstrations().get(skill), places).all(known);
    }

    /** Under which its place is kept. */
    static String file(String skill) {
        return "movements of " + skill;
    }

    /** Under which the place of a cue in such a file is kept. */
    static String cue(String key) {
        return "movement of " + key;
    }

    private List<Finding> all(KnowHow known) {
        String file = file(shown.skill());
        if (!known.hasSkill(shown.skill())) {
            add("movement-skill", file, "The skill (%s) does not exist.".formatted(shown.skill()));
            return findings;
        }
        Skill skill = known.skill(shown.skill());
        Map<String, Cue> cues = skill.cues().stream().collect(Collectors.toMap(Cue::key, c -> c));
        for (String key : shown.cues().keySet())
            if (!cues.containsKey(key)) add("movement-cue", place(key), "The skill has no cue (%s).".formatted(key));
        cues.forEach((key, cue) -> {
            if (shown.cues().containsKey(key)) cue(cue, shown.cues().get(key));
            else
                add(
                        "movement-cue",
                        file,
                        "The cue (%s) is not spoken of. Say what it asks of the figure, or why a figure cannot show it."
                                .formatted(key));
        });
        for (String name : shown.variants().keySet())
            if (skill.variants().stream().noneMatch(v -> v.name().equals(name)))
                add("variant-exists", file, "The skill has no variant “%s”.".formatted(name));
        if (findings.isEmpty())
            KEPT.computeIfAbsent(tree, t -> Soundness.of(shown))
                    .forEach(f -> add(f.rule(), place(f.where()), f.message()));
        return findings;
    }

    private void cue(Cue cue, Demonstration.Shown s) {
        if ((s.question() == null) == s.unseen().isEmpty())
            add(
                    "movement-cue",
                    place(cue.key()),
                    "A cue asks something of the figure, or says why it cannot be seen: one of the two.");
        if (s.question() == null) return;
        Set<String> seen = s.faults().stream().map(Demonstration.Wrong::seen).collect(Collectors.toSet());
        Set<String> known = cue.faults().stream().map(Fault::seen).collect(Collectors.toSet());
        for (String fault : known)
            if (!seen.contains(fault))
                add(
                        "movement-fault",
                        place(cue.key()),
                        "The fault “%s” is not shown. Say what it changes, or why a figure cannot show it."
                                .formatted(fault));
        for (String fault : seen)
            if (!known.contains(fault))
                add("movement-fault", place(cue.key()), "The cue has no fault “%s”.".formatted(fault));
        for (Demonstration.Wrong w : s.faults())
            for (String hidden : w.hides())
                if (!shown.cues().containsKey(hidden))
                    add(
                            "cue-exists",
                            place(cue.key()),
                            "“%s” hides the cue (%s), which does not exist.".formatted(w.seen(), hidden));
    }

    private String place(String key) {
        return places.containsKey(cue(key)) ? cue(key) : file(key);
    }

    private void add(String rule, String where, String message) {
        findings.add(new Finding(rule, places.getOrDefault(where, where), message));
    }
}
