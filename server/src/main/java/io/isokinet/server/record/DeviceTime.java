package io.isokinet.server.record;

import com.fasterxml.jackson.annotation.JacksonAnnotationsInside;
import io.isokinet.core.check.Bounds;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.annotation.JsonDeserialize;
import tools.jackson.databind.deser.std.StdScalarDeserializer;
import tools.jackson.databind.exc.InvalidFormatException;

/** A moment by the clock of a device, which may say anything: one of no year that a school plans for is brought to the next that is. */
@JacksonAnnotationsInside
@JsonDeserialize(using = DeviceTime.Reader.class)
@Retention(RetentionPolicy.RUNTIME)
@Target({ElementType.FIELD, ElementType.METHOD, ElementType.PARAMETER})
@interface DeviceTime {
    /** Refuses only what is no moment. */
    final class Reader extends StdScalarDeserializer<Instant> {
        private static final Instant FIRST = start(Bounds.FIRST_YEAR);
        private static final Instant END = start(Bounds.LAST_YEAR + 1);

        Reader() {
            super(Instant.class);
        }

        @Override
        public Instant deserialize(JsonParser parser, DeserializationContext context) {
            String text = parser.getValueAsString();
            if (text == null) return (Instant) context.handleUnexpectedToken(getValueType(context), parser);
            try {
                Instant moment = Instant.parse(text.strip());
                if (moment.isBefore(FIRST)) return FIRST;
                return moment.isBefore(END) ? moment : END.minusSeconds(1);
            } catch (DateTimeException e) {
                throw new InvalidFormatException(parser, "no moment", text, Instant.class);
            }
        }

        private static Instant start(int year) {
            return LocalDate.of(year, 1, 1).atStartOfDay(ZoneOffset.UTC).toInstant();
        }
    }
}
