package io.isokinet.core.knowhow;

import io.isokinet.core.activity.Layout;
import io.isokinet.core.figure.Demonstration;
import java.util.List;
import java.util.Map;

/**
 * What is read beside the skills and activities.
 *
 * @param layouts by key
 * @param names what things are called beside their names
 * @param demonstrations a figure that moves, by key of its skill
 */
public record Library(
        List<Transfer> transfers,
        List<Symptom> symptoms,
        List<OutcomeSet> outcomes,
        List<FullGame> games,
        Map<String, Layout> layouts,
        Names names,
        Map<String, Demonstration> demonstrations) {
    public static final Library EMPTY =
            new Library(List.of(), List.of(), List.of(), List.of(), Map.of(), Names.NONE, Map.of());

    /**
     * What learning one cue lends another skill.
     *
     * @param how in one sentence
     */
    public record Transfer(String from, String to, String how) {}

    /**
     * From what a teacher sees happen to what to do about it.
     *
     * @param seen what goes wrong, as it looks: "The ball hops"
     * @param cause the likely cause
     * @param cue the cue to give
     * @param activity the activity to use
     */
    public record Symptom(String seen, String cause, String cue, String activity) {}

    /**
     * Statements of what children should have learnt by an age, as one kind of country uses them.
     *
     * @param key a slug
     * @param about where such a set is used, and where its wording comes from
     */
    public record OutcomeSet(String key, String name, String about, List<Outcome> outcomes) {
        public OutcomeSet {
            outcomes = List.copyOf(outcomes);
        }
    }

    /**
     * One statement.
     *
     * @param code as it is quoted in reports
     * @param ageFrom youngest age, ageTo oldest age in years
     * @param skills keys of the skills it speaks of
     * @param cues keys of the cues that show it; empty where the whole skill does
     */
    public record Outcome(String code, String text, int ageFrom, int ageTo, List<String> skills, List<String> cues) {
        public Outcome {
            skills = List.copyOf(skills);
            cues = List.copyOf(cues);
        }
    }

    /**
     * A full game that is cut down until one skill and one decision are left.
     *
     * @param skill key of the skill that remains
     * @param decision the choice that remains
     * @param core what is played when every rule is out
     * @param rules in the order in which to take them out; put back from the last to the first
     */
    public record FullGame(String key, String name, String skill, String decision, String core, List<Rule> rules) {
        public FullGame {
            rules = List.copyOf(rules);
        }
    }

    /**
     * @param rule of the full game
     * @param instead what is done without it
     * @param back when to put it back
     */
    public record Rule(String rule, String instead, String back) {}

    public Library {
        transfers = List.copyOf(transfers);
        symptoms = List.copyOf(symptoms);
        outcomes = List.copyOf(outcomes);
        games = List.copyOf(games);
        layouts = Map.copyOf(layouts);
    }
}
