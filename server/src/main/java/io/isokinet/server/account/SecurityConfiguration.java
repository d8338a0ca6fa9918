package io.isokinet.server.account;

import io.isokinet.server.http.Refusal;
import io.isokinet.server.tenancy.SchoolScope;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.crypto.factory.PasswordEncoderFactories;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.access.intercept.AuthorizationFilter;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;
import org.springframework.web.filter.OncePerRequestFilter;

/** Nothing under /api without signing in; the pages themselves hold no data. */
@Configuration
class SecurityConfiguration {
    private static final String POLICY = "default-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data:; "
            + "font-src 'self'; connect-src 'self'; object-src 'none'; base-uri 'self'; frame-ancestors 'none'; form-action 'self'";

    @Bean
    SecurityFilterChain security(HttpSecurity http, SecurityContextRepository contexts) throws Exception {
        return http.authorizeHttpRequests(a -> a.requestMatchers(HttpMethod.POST, "/api/session")
                        .permitAll()
                        .requestMatchers("/api/links/**", "/api/first-run", "/api/feeds/**", "/api/cover/**")
                        .permitAll()
                        .requestMatchers("/actuator/health/**")
                        .permitAll()
                        .requestMatchers("/api/**", "/actuator/**")
                        .authenticated()
                        .anyRequest()
                        .permitAll())
                .csrf(c -> c.spa())
                .securityContext(s -> s.securityContextRepository(contexts))
                .sessionManagement(s -> s.sessionFixation(f -> f.changeSessionId()))
                .requestCache(r -> r.disable())
                .exceptionHandling(e -> e.authenticationEntryPoint((request, response, why) -> refuse(
                                response,
                                HttpStatus.UNAUTHORIZED,
                                "Not signed in",
                                "Sign in first; what you typed is kept."))
                        .accessDeniedHandler((request, response, why) -> refuse(
                                response,
                                HttpStatus.FORBIDDEN,
                                "Not allowed",
                                "This page is out of date. Reload it and try again.")))
                .headers(h -> h.contentSecurityPolicy(p -> p.policyDirectives(POLICY))
                        .referrerPolicy(r -> r.policy(ReferrerPolicy.NO_REFERRER)))
                .formLogin(f -> f.disable())
                .httpBasic(b -> b.disable())
                .logout(l -> l.disable())
                .anonymous(a -> {})
                .addFilterAfter(new SchoolFilter(), AuthorizationFilter.class)
                .build();
    }

    @Bean
    SecurityContextRepository contexts() {
        return new HttpSessionSecurityContextRepository();
    }

    @Bean
    PasswordEncoder passwords() {
        return PasswordEncoderFactories.createDelegatingPasswordEncoder();
    }

    private static void refuse(HttpServletResponse response, HttpStatus status, String title, String detail)
            throws IOException {
        Refusal.write(response, status.value(), title, detail);
    }

    /** Puts the school of whoever is signed in into scope for the request. */
    private static final class SchoolFilter extends OncePerRequestFilter {
        @Override
        protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
                throws ServletException, IOException {
            Authentication authentication = SecurityContextHolder.getContext().getAuthentication();
            if (authentication == null || !(authentication.getPrincipal() instanceof SignedIn signedIn)) {
                chain.doFilter(request, response);
                return;
            }
            try (SchoolScope.Entered scope = SchoolScope.enter(signedIn.school())) {
                chain.doFilter(request, response);
            }
        }
    }
}
