package io.isokinet.server.http;

import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.util.Json;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import io.swagger.v3.oas.models.servers.Server;
import java.lang.reflect.RecordComponent;
import java.time.LocalTime;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.context.annotation.Bean;
import org.springframework.stereotype.Component;

/** The contract says of every record's component whether it is always there: all are, but for those marked nullable. */
@Component
class Contract implements ModelConverter {
    private final Map<String, Class<?>> named = new ConcurrentHashMap<>();

    @Bean
    static OpenAPI description() {
        // A time of day is written "09:15:00", not as an object of hours and minutes.
        SpringDocUtils.getConfig().replaceWithSchema(LocalTime.class, new StringSchema().example("09:15:00"));
        return new OpenAPI().info(new Info().title("Isokinet").version("1")).servers(List.of(new Server().url("/")));
    }

    @Override
    public @Nullable Schema<?> resolve(
            AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
        if (!chain.hasNext()) return null;
        Schema<?> schema = chain.next().resolve(type, context, chain);
        Class<?> raw = Json.mapper().constructType(type.getType()).getRawClass();
        if (!raw.isRecord() || schema == null) return schema;
        Class<?> other = named.putIfAbsent(raw.getSimpleName(), raw);
        if (other != null && other != raw)
            throw new IllegalStateException(
                    "The contract would mix %s and %s, which have one name. Rename one of them.".formatted(other, raw));
        Schema<?> model = schema.get$ref() == null
                ? schema
                : context.getDefinedModels()
                        .get(schema.get$ref().substring(schema.get$ref().lastIndexOf('/') + 1));
        if (model == null || model.getProperties() == null) return schema;
        for (RecordComponent component : raw.getRecordComponents())
            if (!component.getAnnotatedType().isAnnotationPresent(Nullable.class)
                    && model.getProperties().containsKey(component.getName())
                    && (model.getRequired() == null || !model.getRequired().contains(component.getName())))
                model.addRequiredItem(component.getName());
        return schema;
    }
}
