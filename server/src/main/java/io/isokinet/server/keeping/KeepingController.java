package io.isokinet.server.keeping;

import io.isokinet.server.account.LeadOnly;
import io.isokinet.server.keeping.FreeTexts.Mention;
import io.isokinet.server.keeping.Retention.Expiry;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** What is kept and how long, for the lead. */
@RestController
class KeepingController {
    private final Retention retention;
    private final FreeTexts texts;

    KeepingController(Retention retention, FreeTexts texts) {
        this.retention = retention;
        this.texts = texts;
    }

    /**
     * A line of the school's register.
     *
     * @param hasRule true if the school can say after how many months it goes
     * @param months null if it is kept @param usual months, to begin with; null if it has no rule
     */
    record RecordKindView(
            RecordKind kind,
            String what,
            String where,
            String howLong,
            boolean hasRule,
            @Nullable Integer months,
            @Nullable Integer usual) {}

    /** @param going what would go tonight */
    record KeepingView(List<RecordKindView> kinds, List<Expiry> going) {}

    /** @param months null to keep it */
    record MonthsForm(@Nullable @Min(1) @Max(240) Integer months) {}

    record MentionsForm(@NotNull @Size(max = 200) List<@NotNull @Size(max = 80) String> keys) {}

    record BlankedTexts(int texts) {}

    @GetMapping("/api/keeping")
    @LeadOnly
    KeepingView kept() {
        Map<RecordKind, Integer> rules = retention.rules();
        return new KeepingView(
                Arrays.stream(RecordKind.values())
                        .map(k -> new RecordKindView(k, k.what, k.where, k.howLong, k.hasRule(), rules.get(k), k.usual))
                        .toList(),
                retention.preview());
    }

    /** Says how long a kind is kept; it goes in the nights that come. */
    @PutMapping("/api/keeping/{kind}")
    @LeadOnly
    KeepingView set(@PathVariable RecordKind kind, @Valid @RequestBody MonthsForm form) {
        if (!kind.hasRule())
            throw new IllegalArgumentException(
                    "There is no rule for (%s); it goes as said beside it. Give one of those with months."
                            .formatted(kind));
        retention.set(kind, form.months());
        return kept();
    }

    /** Texts that may name a child. */
    @GetMapping("/api/children/{id}/mentions")
    @LeadOnly
    List<Mention> mentions(@PathVariable UUID id) {
        return texts.mentions(id);
    }

    /** Blanks a child's names in the texts that a person confirmed. */
    @PostMapping("/api/children/{id}/mentions")
    @LeadOnly
    BlankedTexts blank(@PathVariable UUID id, @Valid @RequestBody MentionsForm form) {
        return new BlankedTexts(texts.blank(id, form.keys()));
    }
}
