package io.isokinet.server.unit;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonSubTypes.Type;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import io.isokinet.core.activity.ActivityKeys;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;
import io.isokinet.core.unit.edit.Edit;
import io.isokinet.server.http.Ids;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.UUID;

/** A change by hand to one segment; its {@code kind} says which. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
    @Type(name = "MOVE", value = EditForm.MoveForm.class),
    @Type(name = "MOVE_TO", value = EditForm.MoveToForm.class),
    @Type(name = "MINUTES", value = EditForm.MinutesForm.class),
    @Type(name = "REMOVE", value = EditForm.RemoveForm.class),
    @Type(name = "ADD", value = EditForm.AddForm.class),
    @Type(name = "LOCK", value = EditForm.LockForm.class),
    @Type(name = "UNLOCK", value = EditForm.UnlockForm.class),
    @Type(name = "SWAP", value = EditForm.SwapForm.class),
    @Type(name = "ADJUST", value = EditForm.AdjustForm.class)
})
public sealed interface EditForm {
    UUID segment();

    /** @param plan to find where something is added */
    Edit toEdit(Plan plan);

    /** @param position within its lesson, from 0 */
    record MoveForm(@NotNull UUID segment, @NotNull Integer position) implements EditForm {
        @Override
        public Edit toEdit(Plan plan) {
            return new Edit.Move(segment.toString(), position);
        }
    }

    /**
     * @param lesson as the board counts, from 0
     * @param position within it, from 0
     */
    record MoveToForm(
            @NotNull UUID segment,
            @NotNull Integer lesson,
            @NotNull Integer position) implements EditForm {
        @Override
        public Edit toEdit(Plan plan) {
            return new Edit.MoveTo(segment.toString(), lesson, position);
        }
    }

    record MinutesForm(@NotNull UUID segment, @NotNull Integer minutes) implements EditForm {
        @Override
        public Edit toEdit(Plan plan) {
            return new Edit.Minutes(segment.toString(), minutes);
        }
    }

    record RemoveForm(@NotNull UUID segment) implements EditForm {
        @Override
        public Edit toEdit(Plan plan) {
            return new Edit.Remove(segment.toString());
        }
    }

    /** @param segment the one after which it stands */
    record AddForm(@NotNull UUID segment, @NotBlank String activity) implements EditForm {
        @Override
        public Edit toEdit(Plan plan) {
            Segment before = plan.segment(segment.toString())
                    .orElseThrow(() -> new IllegalArgumentException(
                            "There is no segment (%s) in this unit any more; reload the unit.".formatted(segment)));
            return new Edit.Add(Ids.next().toString(), before.lesson(), before.position() + 1, activity);
        }
    }

    record LockForm(@NotNull UUID segment) implements EditForm {
        @Override
        public Edit toEdit(Plan plan) {
            return new Edit.Lock(segment.toString(), true);
        }
    }

    record UnlockForm(@NotNull UUID segment) implements EditForm {
        @Override
        public Edit toEdit(Plan plan) {
            return new Edit.Lock(segment.toString(), false);
        }
    }

    /** @param activities one, or several side by side: stations */
    record SwapForm(@NotNull UUID segment, @NotEmpty List<@NotBlank String> activities) implements EditForm {
        @Override
        public Edit toEdit(Plan plan) {
            return new Edit.Swap(segment.toString(), new ActivityKeys(activities));
        }
    }

    /** @param setting step of the main lever, from 0 */
    record AdjustForm(@NotNull UUID segment, @NotNull Integer setting) implements EditForm {
        @Override
        public Edit toEdit(Plan plan) {
            return new Edit.Adjust(segment.toString(), setting);
        }
    }
}
