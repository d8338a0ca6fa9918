package io.isokinet.server;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Method;
import java.lang.reflect.Proxy;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import javax.sql.DataSource;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.Ordered;
import org.springframework.jdbc.datasource.DelegatingDataSource;
import org.springframework.web.filter.OncePerRequestFilter;

/** Counts the statements that the application under test sends for each request that asks for it, its session's among them. */
@Configuration
class StatementCount {
    static final String HEADER = "X-Count-Statements";

    private static final Map<String, Request> SENT = new ConcurrentHashMap<>();
    private static final ThreadLocal<Request> HERE = new ThreadLocal<>();

    private record Request(List<String> sent, CountDownLatch done, AtomicBoolean begun) {}

    /** @return the value that the request's header has to have */
    static String begin() {
        String key = UUID.randomUUID().toString();
        SENT.put(key, new Request(new CopyOnWriteArrayList<>(), new CountDownLatch(1), new AtomicBoolean()));
        return key;
    }

    /** What was sent, in order; nothing where it is not counted. */
    static List<String> end(String key) {
        Request request = SENT.remove(key);
        try {
            // The answer may be here before the last of it was done.
            if (request.begun.get()) request.done.await(10, TimeUnit.SECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
        return request.sent;
    }

    @Bean
    FilterRegistrationBean<OncePerRequestFilter> countingFilter() {
        FilterRegistrationBean<OncePerRequestFilter> registration = new FilterRegistrationBean<>(new CountingFilter());
        registration.setOrder(Ordered.HIGHEST_PRECEDENCE);
        return registration;
    }

    @Bean
    static BeanPostProcessor countingDataSource() {
        return new BeanPostProcessor() {
            @Override
            public Object postProcessAfterInitialization(Object bean, String name) {
                return bean instanceof DataSource source ? new Counting(source) : bean;
            }
        };
    }

    private static final class CountingFilter extends OncePerRequestFilter {
        @Override
        protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
                throws ServletException, IOException {
            Request here = SENT.get(String.valueOf(request.getHeader(HEADER)));
            if (here != null) here.begun.set(true);
            HERE.set(here);
            try {
                chain.doFilter(request, response);
            } finally {
                HERE.remove();
                if (here != null) here.done.countDown();
            }
        }
    }

    private static final class Counting extends DelegatingDataSource {
        Counting(DataSource target) {
            super(target);
        }

        @Override
        public Connection getConnection() throws SQLException {
            Connection connection = super.getConnection();
            return proxy(Connection.class, connection, (method, arguments) -> {
                Object made = call(connection, method, arguments);
                return made instanceof Statement statement
                        ? counting(statement, method.getReturnType(), arguments)
                        : made;
            });
        }

        private static Object counting(Statement statement, Class<?> as, Object[] made) {
            String sql = made == null || made.length == 0 ? "" : String.valueOf(made[0]);
            return proxy(as, statement, (method, arguments) -> {
                Request here = HERE.get();
                if (here != null && method.getName().startsWith("execute")) here.sent.add(sql);
                return call(statement, method, arguments);
            });
        }

        private interface Call {
            Object to(Method method, Object[] arguments) throws Throwable;
        }

        private static <T> T proxy(Class<T> as, Object target, Call call) {
            return as.cast(Proxy.newProxyInstance(
                    target.getClass().getClassLoader(),
                    new Class<?>[] {as},
                    (proxy, method, arguments) -> call.to(method, arguments)));
        }

        private static Object call(Object target, Method method, Object[] arguments) throws Throwable {
            try {
                return method.invoke(target, arguments);
            } catch (InvocationTargetException e) {
                throw e.getCause();
            }
        }
    }
}
