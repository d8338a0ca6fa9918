package io.isokinet.server.knowhow;

import io.isokinet.core.check.Finding;
import io.isokinet.core.check.Findings;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.skill.Skill;
import io.isokinet.server.knowhow.PackController.OutcomesTaken;
import io.isokinet.server.table.Table;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalInt;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Outcomes of a school's own from a table: Code, Statement, From age, To age, Skills (by name, with semicolons). */
@Component
class OutcomeTable {
    private static final String PATH = "outcomes/our-own.yaml";

    private final KnowHows knowHows;
    private final Packs packs;
    private final JsonMapper json;

    OutcomeTable(KnowHows knowHows, Packs packs, JsonMapper json) {
        this.knowHows = knowHows;
        this.packs = packs;
        this.json = json;
    }

    @Transactional
    OutcomesTaken read(Table table, boolean take) {
        List<Finding> findings = new ArrayList<>();
        ObjectNode set = json.createObjectNode();
        String key = packs.ownName() + "-outcomes";
        set.put("key", key).put("name", "Our own").put("about", "Statements of our own school or system.");
        ArrayNode outcomes = set.putArray("outcomes");
        OptionalInt code = table.column("code");
        OptionalInt text = table.column("statement", "text", "outcome");
        OptionalInt from = table.column("from age", "from");
        OptionalInt to = table.column("to age", "to");
        OptionalInt skills = table.column("skills", "skill");
        if (code.isEmpty() || text.isEmpty() || from.isEmpty() || to.isEmpty() || skills.isEmpty())
            findings.add(new Finding(
                    "outcomes",
                    table.name() + ", columns",
                    "needs the columns Code, Statement, From age, To age and Skills (found: %s)."
                            .formatted(String.join(", ", table.columns()))));
        else
            for (int i = 0; i < table.rows().size(); i++) {
                List<String> row = table.rows().get(i);
                String where = "row " + table.numbers().get(i);
                List<String> keys = keys(row.get(skills.getAsInt()), where, findings);
                String first = row.get(from.getAsInt());
                String last = row.get(to.getAsInt());
                if (!first.matches("\\d{1,2}") || !last.matches("\\d{1,2}")) {
                    findings.add(new Finding("outcomes", where + ", ages", "must be whole years, such as 7 and 9."));
                    continue;
                }
                ObjectNode outcome = outcomes.addObject();
                outcome.put("code", row.get(code.getAsInt()).strip())
                        .put("text", row.get(text.getAsInt()).strip());
                outcome.putArray("ages").add(Integer.parseInt(first)).add(Integer.parseInt(last));
                ArrayNode named = outcome.putArray("skills");
                keys.forEach(named::add);
            }
        if (take) {
            new Findings(findings).throwIfAny();
            packs.file(PATH, json.writeValueAsString(set));
        }
        return new OutcomesTaken(key, outcomes.size(), findings);
    }

    private List<String> keys(String names, String where, List<Finding> findings) {
        KnowHow known = knowHows.current();
        Map<String, String> byName = new HashMap<>();
        for (Skill skill : known.skills()) {
            byName.put(skill.key(), skill.key());
            byName.put(skill.name().toLowerCase(Locale.ROOT), skill.key());
        }
        List<String> keys = new ArrayList<>();
        for (String name : Arrays.stream(names.split(";")).map(String::strip).toList()) {
            String key = byName.get(name.toLowerCase(Locale.ROOT));
            if (key == null)
                findings.add(new Finding(
                        "outcomes",
                        where + ", skills",
                        "“%s” is no skill that is known. Several are parted by semicolons.".formatted(name)));
            else keys.add(key);
        }
        return keys;
    }
}
