package io.isokinet.server.unit;

import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.UnitProblem;
import io.isokinet.server.http.EditRaceException;
import io.isokinet.server.http.IfMatch;
import io.isokinet.server.school.Classes.ClassView;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;

/**
 * A unit with everything that its plan is read from.
 *
 * @param lessons in their order, the lost ones among them @param planned those that are not lost, as the plan counts them
 */
record UnitInHand(
        UnitRow row,
        RevisionRow head,
        ClassView schoolClass,
        List<LessonRow> lessons,
        List<LessonRow> planned,
        UnitProblem problem,
        Plan plan) {
    UUID id() {
        return row.id();
    }

    UnitBody body() {
        return head.body();
    }

    KnowHow knowHow() {
        return problem.knowHow();
    }

    /** Where a lesson stands in the plan; less than zero if it is lost. */
    int inPlan(UUID lesson) {
        return planned.stream().map(LessonRow::id).toList().indexOf(lesson);
    }

    /** The lesson at a place of the board, from 0, as the plan counts it; less than zero if there is none or it is lost. */
    int inPlan(int column) {
        return column < 0 || column >= lessons.size()
                ? -1
                : inPlan(lessons.get(column).id());
    }

    Set<UUID> ids() {
        return lessons.stream().map(LessonRow::id).collect(Collectors.toSet());
    }

    /** @throws EditRaceException unless the revision in force is named */
    void require(IfMatch version) {
        version.require("unit", head.id());
    }
}
