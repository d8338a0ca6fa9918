package io.isokinet.server.tenancy;

import java.util.Map;
import org.hibernate.cfg.MappingSettings;
import org.hibernate.type.descriptor.WrapperOptions;
import org.hibernate.type.descriptor.java.JavaType;
import org.hibernate.type.format.FormatMapper;
import org.springframework.boot.hibernate.autoconfigure.HibernatePropertiesCustomizer;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Columns of JSON are read and written as the end points read and write theirs. */
@Component
class JsonColumns implements FormatMapper, HibernatePropertiesCustomizer {
    private final JsonMapper json;

    JsonColumns(JsonMapper json) {
        this.json = json;
    }

    @Override
    public <T> T fromString(CharSequence text, JavaType<T> type, WrapperOptions options) {
        return json.readValue(text.toString(), json.constructType(type.getJavaType()));
    }

    @Override
    public <T> String toString(T value, JavaType<T> type, WrapperOptions options) {
        return json.writerFor(json.constructType(type.getJavaType())).writeValueAsString(value);
    }

    @Override
    public void customize(Map<String, Object> properties) {
        properties.put(MappingSettings.JSON_FORMAT_MAPPER, this);
    }
}
