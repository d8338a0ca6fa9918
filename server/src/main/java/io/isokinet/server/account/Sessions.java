package io.isokinet.server.account;

import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.stereotype.Service;

/** Where somebody is signed in. */
@Service
class Sessions {
    /** Kept in the session at sign-in: what the browser says it is. */
    static final String DEVICE = "device";

    private final FindByIndexNameSessionRepository<? extends Session> repository;

    Sessions(FindByIndexNameSessionRepository<? extends Session> repository) {
        this.repository = repository;
    }

    /**
     * @param key names the session without giving it away
     * @param here true for the one that asks
     */
    record SessionLine(String key, String device, Instant since, Instant lastUsed, boolean here) {}

    List<SessionLine> of(UUID person, @Nullable String own) {
        return repository.findByPrincipalName(person.toString()).values().stream()
                .map(s -> new SessionLine(
                        key(s),
                        device(s),
                        s.getCreationTime(),
                        s.getLastAccessedTime(),
                        s.getId().equals(own)))
                .sorted(Comparator.comparing(SessionLine::lastUsed).reversed())
                .toList();
    }

    /** Ends one session of a person. */
    void end(UUID person, String key) {
        repository.findByPrincipalName(person.toString()).values().stream()
                .filter(s -> key(s).equals(key))
                .forEach(s -> repository.deleteById(s.getId()));
    }

    /**
     * Ends every session of a person.
     *
     * @param but the id of one that stays; null for none
     */
    void endAll(UUID person, @Nullable String but) {
        repository.findByPrincipalName(person.toString()).keySet().stream()
                .filter(id -> !id.equals(but))
                .forEach(repository::deleteById);
    }

    private static String key(Session session) {
        return Secrets.hash(session.getId()).substring(0, 16);
    }

    private static String device(Session session) {
        String device = session.getAttribute(DEVICE);
        return device == null ? "a device" : device;
    }

    /** As much as is needed to tell one's own devices apart. */
    static String words(@Nullable String agent) {
        String said = agent == null ? "" : agent;
        return said.contains("Mobi") || said.contains("Android") || said.contains("iPad")
                ? "a phone or tablet"
                : "a computer";
    }
}
