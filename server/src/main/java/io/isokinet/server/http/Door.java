package io.isokinet.server.http;

import com.fasterxml.jackson.annotation.JsonSetter;
import com.fasterxml.jackson.annotation.Nulls;
import io.isokinet.core.check.Bounds;
import io.isokinet.core.quantity.Lengths;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.OptionalInt;
import org.springframework.boot.http.converter.autoconfigure.ServerHttpMessageConvertersCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.core.convert.converter.Converter;
import org.springframework.format.FormatterRegistry;
import org.springframework.http.converter.json.JacksonJsonHttpMessageConverter;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.deser.std.StdScalarDeserializer;
import tools.jackson.databind.exc.InvalidFormatException;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.ser.std.StdScalarSerializer;

/**
 * The one door for what comes in: text as {@link PlainText}, days and moments within {@link Bounds}, no nothing within a list; and for
 * the lengths in what goes out.
 */
@Configuration
class Door implements WebMvcConfigurer {
    /** Of requests and answers only: what was taken in before is read as it is. */
    @Bean
    ServerHttpMessageConvertersCustomizer bodies(JsonMapper mapper, Lengths.Shown lengths) {
        SimpleModule door = new SimpleModule("door");
        door.addDeserializer(String.class, new Text());
        door.addSerializer(String.class, new Shown(lengths));
        door.addDeserializer(LocalDate.class, new Day());
        door.addDeserializer(Instant.class, new Moment());
        JacksonJsonHttpMessageConverter json = new JacksonJsonHttpMessageConverter(mapper.rebuild()
                .addModule(door)
                .changeDefaultNullHandling(n -> JsonSetter.Value.forContentNulls(Nulls.FAIL))
                .build());
        return converters -> converters.withJsonConverter(json);
    }

    @Override
    public void addFormatters(FormatterRegistry registry) {
        registry.addConverter(new Converter<String, LocalDate>() {
            @Override
            public LocalDate convert(String text) {
                return day(text);
            }
        });
        registry.addConverter(new Converter<String, Instant>() {
            @Override
            public Instant convert(String text) {
                return moment(text);
            }
        });
    }

    /** @throws DateTimeException if it is none of the calendar, or of no year that anybody plans for */
    static LocalDate day(String text) {
        LocalDate day = LocalDate.parse(text.strip());
        if (!Bounds.isYear(day.getYear())) throw new DateTimeException("out of bounds");
        return day;
    }

    static Instant moment(String text) {
        Instant moment = Instant.parse(text.strip());
        if (!Bounds.isYear(moment.atZone(ZoneOffset.UTC).getYear())) throw new DateTimeException("out of bounds");
        return moment;
    }

    private static final class Text extends StdScalarDeserializer<String> {
        Text() {
            super(String.class);
        }

        @Override
        public String deserialize(JsonParser parser, DeserializationContext context) {
            String text = parser.getValueAsString();
            if (text == null) return (String) context.handleUnexpectedToken(getValueType(context), parser);
            OptionalInt bad = PlainText.firstBad(text);
            if (bad.isPresent())
                throw new InvalidFormatException(parser, PlainText.refusal(bad.getAsInt()), text, String.class);
            return PlainText.of(text);
        }
    }

    /** What goes out shows its lengths as the school is used to. */
    private static final class Shown extends StdScalarSerializer<String> {
        private final Lengths.Shown lengths;

        Shown(Lengths.Shown lengths) {
            super(String.class);
            this.lengths = lengths;
        }

        @Override
        public void serialize(String text, JsonGenerator json, SerializationContext context) {
            json.writeString(lengths.of(text));
        }
    }

    private static final class Day extends StdScalarDeserializer<LocalDate> {
        Day() {
            super(LocalDate.class);
        }

        @Override
        public LocalDate deserialize(JsonParser parser, DeserializationContext context) {
            try {
                return day(parser.getString());
            } catch (DateTimeException e) {
                throw new InvalidFormatException(parser, "no day", parser.getString(), LocalDate.class);
            }
        }
    }

    private static final class Moment extends StdScalarDeserializer<Instant> {
        Moment() {
            super(Instant.class);
        }

        @Override
        public Instant deserialize(JsonParser parser, DeserializationContext context) {
            try {
                return moment(parser.getString());
            } catch (DateTimeException e) {
                throw new InvalidFormatException(parser, "no moment", parser.getString(), Instant.class);
            }
        }
    }

    /** What stands in an address goes the same way. */
    @Component
    @Order(Ordered.HIGHEST_PRECEDENCE + 10)
    static final class Addresses extends OncePerRequestFilter {
        @Override
        protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
                throws ServletException, IOException {
            String query = request.getQueryString();
            if (query == null || isPlain(query)) chain.doFilter(request, response);
            else
                Refusal.write(
                        response,
                        400,
                        "Please check what is marked",
                        "The address holds a character that cannot be shown. Type it anew.");
        }

        private static boolean isPlain(String query) {
            try {
                return PlainText.firstBad(URLDecoder.decode(query, StandardCharsets.UTF_8))
                        .isEmpty();
            } catch (IllegalArgumentException e) {
                return false;
            }
        }
    }
}
