package io.isokinet.server.mastery;

import io.isokinet.core.belief.ClassBelief;
import io.isokinet.core.belief.ClassLooks;
import io.isokinet.core.belief.Priors;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/** What is known of a class, and what is believed from it; put together when it is first asked for. */
public final class Known {
    private final Supplier<ClassLooks> looks;
    private final Supplier<Priors> priors;
    private @Nullable ClassBelief belief;

    Known(Supplier<ClassLooks> looks, Supplier<Priors> priors) {
        this.looks = looks;
        this.priors = priors;
    }

    /** By all looks of the class, under what the school's own records say of how children differ. */
    public synchronized ClassBelief belief() {
        if (belief == null) belief = ClassBelief.of(looks.get(), priors.get());
        return belief;
    }

    ClassLooks looks() {
        return looks.get();
    }

    /** With the children of another class of the school. */
    Known with(Known other) {
        return new Known(() -> looks.get().with(other.looks.get()), priors);
    }
}
