package io.isokinet.server.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Arrays;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.HandlerMapping;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Holds every end point under /api to what it says of itself in {@link Allowed}. */
@Component
class AccessGate implements HandlerInterceptor, WebMvcConfigurer {
    private final Teams teams;

    AccessGate(Teams teams) {
        this.teams = teams;
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this).addPathPatterns("/api/**");
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        if (!(handler instanceof HandlerMethod method)) return true;
        Allowed allowed = method.getMethodAnnotation(Allowed.class);
        if (allowed == null) throw new NotAllowedException("Nobody may use this end point.");
        if (allowed.open()) return true;
        SignedIn who = SignedIn.current();
        if (who.role() == Role.LEAD) return true;
        if (!Arrays.asList(allowed.value()).contains(who.role()))
            throw new NotAllowedException("This is not for the %s of a school. Ask its lead."
                    .formatted(who.role().label()));
        UUID id = id(request, allowed.variable());
        if (allowed.of() != Subject.NONE && id != null) teams.require(allowed.of(), id);
        return true;
    }

    private static @Nullable UUID id(HttpServletRequest request, String variable) {
        Object variables = request.getAttribute(HandlerMapping.URI_TEMPLATE_VARIABLES_ATTRIBUTE);
        if (!(variables instanceof Map<?, ?> map) || !(map.get(variable) instanceof String text)) return null;
        try {
            return UUID.fromString(text);
        } catch (IllegalArgumentException e) {
            return null;
        }
    }
}
