package io.isokinet.server.account;

import io.isokinet.server.account.Audit.Act;
import io.isokinet.server.tenancy.Owned;
import jakarta.annotation.PostConstruct;
import jakarta.persistence.EntityManagerFactory;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import org.hibernate.engine.spi.SessionFactoryImplementor;
import org.hibernate.event.service.spi.EventListenerRegistry;
import org.hibernate.event.spi.EventType;
import org.hibernate.event.spi.PostDeleteEvent;
import org.hibernate.event.spi.PostDeleteEventListener;
import org.hibernate.event.spi.PostInsertEvent;
import org.hibernate.event.spi.PostInsertEventListener;
import org.hibernate.event.spi.PostUpdateEvent;
import org.hibernate.event.spi.PostUpdateEventListener;
import org.hibernate.persister.entity.EntityPersister;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Writes every change of a school's rows into the log, with what changed in them. */
@Component
class AuditListener implements PostInsertEventListener, PostUpdateEventListener, PostDeleteEventListener {
    private static final int LONGEST_VALUE = 60;
    /** A unit's head changes with each plan, which has an entry of its own. */
    private static final Set<String> UNSAID = Set.of("version", "head", "countedAt", "undoneAt");

    private final EntityManagerFactory factory;
    private final Audit audit;

    AuditListener(EntityManagerFactory factory, Audit audit) {
        this.factory = factory;
        this.audit = audit;
    }

    @PostConstruct
    void register() {
        EventListenerRegistry registry = factory.unwrap(SessionFactoryImplementor.class)
                .getServiceRegistry()
                .requireService(EventListenerRegistry.class);
        registry.appendListeners(EventType.POST_INSERT, this);
        registry.appendListeners(EventType.POST_UPDATE, this);
        registry.appendListeners(EventType.POST_DELETE, this);
    }

    @Override
    public void onPostInsert(PostInsertEvent event) {
        if (event.getEntity() instanceof Owned row && row.logsAdding()) log(row, Act.ADDED, "");
    }

    @Override
    public void onPostDelete(PostDeleteEvent event) {
        log(event.getEntity(), Act.REMOVED, "");
    }

    @Override
    public void onPostUpdate(PostUpdateEvent event) {
        if (!(event.getEntity() instanceof Owned row) || event.getOldState() == null) return;
        List<String> changes = new ArrayList<>();
        String[] names = event.getPersister().getPropertyNames();
        for (int i = 0; i < names.length; i++) {
            if (UNSAID.contains(names[i]) || Objects.equals(event.getOldState()[i], event.getState()[i])) continue;
            boolean readable = row.logsValues()
                    && !(event.getOldState()[i] instanceof UUID)
                    && !(event.getState()[i] instanceof UUID);
            String change = "%s → %s".formatted(value(event.getOldState()[i]), value(event.getState()[i]));
            changes.add(readable ? words(names[i]) + " " + change : words(names[i]));
        }
        if (!changes.isEmpty()) log(row, Act.CHANGED, String.join(", ", changes));
    }

    private void log(Object entity, Act act, String details) {
        if (!(entity instanceof Owned row)) return;
        String name = row.logName();
        if (name != null) audit.add(act, name, details, row.id());
    }

    /** "wetSpaceId" reads "wet space id". */
    private static String words(String property) {
        return property.replaceAll("([A-Z])", " $1").toLowerCase(java.util.Locale.ROOT);
    }

    private static String value(@Nullable Object value) {
        String text = value == null || value.equals("") ? "none" : value.toString();
        return text.length() <= LONGEST_VALUE ? text : text.substring(0, LONGEST_VALUE - 1) + "…";
    }

    @Override
    public boolean requiresPostCommitHandling(EntityPersister persister) {
        return false;
    }
}
