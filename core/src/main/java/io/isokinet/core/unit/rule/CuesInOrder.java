package io.isokinet.core.unit.rule;

import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;
import io.isokinet.core.unit.Target;
import java.util.List;

/**
 * The cues of a set are introduced in its own order, so that none teaches its finish before its contact. In its first lesson a skill
 * may begin with its shape, before what needs a ball or a target.
 */
public final class CuesInOrder extends Rule {
    public CuesInOrder() {
        super("cues-in-order", Level.SOFT, 20, "Cues come in the order of their set");
    }

    @Override
    public void judge(Plan plan, Strains strains) {
        List<Target> targets = plan.problem().targets();
        for (int k = 0; k < targets.size(); k++) if (!targets.get(k).cues().isOrdered()) outOfOrder(plan, k, strains);
    }

    /**
     * Each cue that is introduced while one that comes before it is not.
     *
     * @param k index of the skill
     */
    static void outOfOrder(Plan plan, int k, Strains strains) {
        Target target = plan.problem().targets().get(k);
        List<String> order = plan.inOrder(k);
        for (int later = 1; later < order.size(); later++) {
            Segment at = plan.introduction(order.get(later));
            if (at == null) continue;
            for (int first = 0; first < later; first++) {
                Segment other = plan.introduction(order.get(first));
                if (other != null && !isAfter(other, at)) continue;
                // In its first lesson a skill may begin with its shape, before what needs a ball or a target.
                boolean cannot =
                        at.candidate().cannot().contains(plan.targetCues().indexOf(order.get(first)));
                if (cannot && !target.cues().isOrdered() && begins(plan, target, at)) continue;
                String cue = order.get(later);
                String before = order.get(first);
                strains.segment(at, 1, () -> "“%s” is introduced in lesson %d, before “%s”, which comes first."
                        .formatted(
                                plan.problem().knowHow().cue(cue).call(),
                                plan.number(at.lesson()),
                                plan.problem().knowHow().cue(before).call()));
                break;
            }
        }
    }

    private static boolean begins(Plan plan, Target target, Segment at) {
        for (Segment s : plan.work())
            if (s.lesson() < at.lesson() && target.skill().equals(s.activity().skill())) return false;
        return true;
    }

    private static boolean isAfter(Segment one, Segment other) {
        return one.lesson() > other.lesson() || one.lesson() == other.lesson() && one.position() > other.position();
    }
}
