package io.isokinet.server.account;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.session.web.http.SessionRepositoryFilter;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Sessions that are read once a request and not written at each: when one was last used is kept to the minute. Which spares every
 * request two statements.
 */
@Configuration
class QuietSessions {
    private static final Duration TO = Duration.ofMinutes(1);

    /** The session of the request that this thread works on: asked for again once the answer is on its way. */
    /** However much it is used: a browser left signed in is not so for ever. */
    private static final Duration LONGEST = Duration.ofDays(7);

    private static final ThreadLocal<QuietSession<?>> HERE = new ThreadLocal<>();

    /** Around everything that asks for the session. */
    @Bean
    FilterRegistrationBean<OncePerRequestFilter> sessionOfTheRequest() {
        FilterRegistrationBean<OncePerRequestFilter> filter = new FilterRegistrationBean<>(new OncePerRequestFilter() {
            @Override
            protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
                    throws ServletException, IOException {
                try {
                    chain.doFilter(request, response);
                } finally {
                    HERE.remove();
                }
            }
        });
        filter.setOrder(SessionRepositoryFilter.DEFAULT_ORDER - 1);
        return filter;
    }

    @Bean
    static BeanPostProcessor quietly() {
        return new BeanPostProcessor() {
            @Override
            public Object postProcessAfterInitialization(Object bean, String name) {
                return bean instanceof FindByIndexNameSessionRepository<?> repository
                        ? new Repository<>(repository)
                        : bean;
            }
        };
    }

    private record Repository<S extends Session>(FindByIndexNameSessionRepository<S> kept)
            implements FindByIndexNameSessionRepository<QuietSession<S>> {
        @Override
        public QuietSession<S> createSession() {
            return new QuietSession<>(kept.createSession(), true);
        }

        @Override
        public void save(QuietSession<S> session) {
            if (!session.changed) return;
            kept.save(session.kept);
            session.changed = false;
        }

        @Override
        @SuppressWarnings("unchecked")
        public @Nullable QuietSession<S> findById(String id) {
            QuietSession<?> here = HERE.get();
            if (here != null && here.getId().equals(id)) return (QuietSession<S>) here;
            S found = kept.findById(id);
            if (found == null) return null;
            if (found.getCreationTime().plus(LONGEST).isBefore(Instant.now())) {
                kept.deleteById(id);
                return null;
            }
            QuietSession<S> session = new QuietSession<>(found, false);
            HERE.set(session);
            return session;
        }

        @Override
        public void deleteById(String id) {
            HERE.remove();
            kept.deleteById(id);
        }

        @Override
        public Map<String, QuietSession<S>> findByIndexNameAndIndexValue(String name, String value) {
            return kept.findByIndexNameAndIndexValue(name, value).entrySet().stream()
                    .collect(Collectors.toMap(Map.Entry::getKey, e -> new QuietSession<>(e.getValue(), false)));
        }
    }

    private static final class QuietSession<S extends Session> implements Session {
        private final S kept;
        private boolean changed;

        QuietSession(S kept, boolean changed) {
            this.kept = kept;
            this.changed = changed;
        }

        @Override
        public void setLastAccessedTime(Instant now) {
            if (Duration.between(kept.getLastAccessedTime(), now).compareTo(TO) < 0) return;
            kept.setLastAccessedTime(now);
            changed = true;
        }

        @Override
        public Instant getLastAccessedTime() {
            return kept.getLastAccessedTime();
        }

        @Override
        public String getId() {
            return kept.getId();
        }

        @Override
        public String changeSessionId() {
            changed = true;
            return kept.changeSessionId();
        }

        @Override
        public <T> @Nullable T getAttribute(String name) {
            return kept.getAttribute(name);
        }

        @Override
        public Set<String> getAttributeNames() {
            return kept.getAttributeNames();
        }

        @Override
        public void setAttribute(String name, @Nullable Object value) {
            kept.setAttribute(name, value);
            changed = true;
        }

        @Override
        public void removeAttribute(String name) {
            kept.removeAttribute(name);
            changed = true;
        }

        @Override
        public Instant getCreationTime() {
            return kept.getCreationTime();
        }

        @Override
        public void setMaxInactiveInterval(Duration interval) {
            kept.setMaxInactiveInterval(interval);
            changed = true;
        }

        @Override
        public Duration getMaxInactiveInterval() {
            return kept.getMaxInactiveInterval();
        }

        @Override
        public boolean isExpired() {
            return kept.isExpired();
        }
    }
}
