package io.isokinet.server.calendar;

import io.isokinet.server.account.LeadOnly;
import io.isokinet.server.calendar.Subscriptions.SubscriptionView;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Calendars of others that are read anew every night. */
@RestController
@RequestMapping("/api/calendar/subscriptions")
class SubscriptionController {
    private final Subscriptions subscriptions;

    SubscriptionController(Subscriptions subscriptions) {
        this.subscriptions = subscriptions;
    }

    record SubscriptionForm(
            @NotNull UUID space, @NotBlank @Size(max = 400) String address) {}

    @GetMapping
    @LeadOnly
    List<SubscriptionView> all() {
        return subscriptions.all();
    }

    /** Reads it at once. */
    @PostMapping
    @LeadOnly
    List<SubscriptionView> add(@Valid @RequestBody SubscriptionForm form) {
        return subscriptions.add(form.space(), form.address());
    }

    /** Reads it now, not tonight. */
    @PostMapping("/{id}/read")
    @LeadOnly
    List<SubscriptionView> read(@PathVariable UUID id) {
        return subscriptions.readAgain(id);
    }

    /** Ends it; what it brought goes along. */
    @DeleteMapping("/{id}")
    @LeadOnly
    List<SubscriptionView> remove(@PathVariable UUID id) {
        return subscriptions.remove(id);
    }
}
