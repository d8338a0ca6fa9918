package io.isokinet.server;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import io.isokinet.server.account.Allowed;
import io.isokinet.server.http.IfMatch;
import io.isokinet.server.record.EventEntry;
import io.isokinet.server.unit.EditForm;
import io.isokinet.server.unit.LessonChangeForm;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.util.Json;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.Operation;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.ArraySchema;
import io.swagger.v3.oas.models.media.Content;
import io.swagger.v3.oas.models.media.Discriminator;
import io.swagger.v3.oas.models.media.IntegerSchema;
import io.swagger.v3.oas.models.media.MediaType;
import io.swagger.v3.oas.models.media.ObjectSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import io.swagger.v3.oas.models.parameters.Parameter;
import io.swagger.v3.oas.models.responses.ApiResponse;
import io.swagger.v3.oas.models.servers.Server;
import java.lang.reflect.RecordComponent;
import java.time.LocalTime;
import java.util.Arrays;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.customizers.GlobalOpenApiCustomizer;
import org.springdoc.core.customizers.OperationCustomizer;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The contract says of every record's component whether it is always there: all are, but for those marked nullable. */
@Configuration
class Contract implements ModelConverter {
    private final Map<String, Class<?>> named = new ConcurrentHashMap<>();

    @Bean
    static OpenAPI description() {
        // A time of day is written "09:15:00", not as an object of hours and minutes.
        SpringDocUtils.getConfig()
                .replaceWithSchema(LocalTime.class, new StringSchema().example("09:15:00"))
                .addRequestWrapperToIgnore(IfMatch.class);
        return new OpenAPI().info(new Info().title("Isokinet").version("1")).servers(List.of(new Server().url("/")));
    }

    /** RFC 9457, with what is wrong field by field. */
    private static Schema<?> problem() {
        Schema<?> finding = new ObjectSchema()
                .addProperty("rule", new StringSchema())
                .addProperty("where", new StringSchema())
                .addProperty("message", new StringSchema());
        return new ObjectSchema()
                .addProperty("title", new StringSchema())
                .addProperty("status", new IntegerSchema())
                .addProperty("detail", new StringSchema())
                .addProperty("findings", new ArraySchema().items(finding))
                .required(List.of("title", "status", "detail"));
    }

    /** Each operation has a name of its own, says what edits need, and how it fails. */
    @Bean
    static GlobalOpenApiCustomizer operations() {
        return contract -> {
            contract.getComponents().addSchemas("Problem", problem());
            FAILURES.forEach(
                    (status, title) -> contract.getComponents().addResponses("Failure" + status, failure(title)));
            contract.getPaths().forEach((path, item) -> item.readOperationsMap()
                    .forEach((method, operation) -> complete(path, method.name(), operation)));
            ONE_OF.forEach(parent -> oneOf(contract, parent));
        };
    }

    /** The forms of which the kind says what else is in them. */
    private static final List<Class<?>> ONE_OF = List.of(EditForm.class, LessonChangeForm.class, EventEntry.class);

    /** The parent is one of its kinds, each with its kind fixed; a body that takes any of them names the parent. */
    private static void oneOf(OpenAPI contract, Class<?> parent) {
        Map<String, Schema> schemas = contract.getComponents().getSchemas();
        Discriminator kind = new Discriminator().propertyName("kind");
        Schema<?> any = new Schema<>().discriminator(kind);
        for (JsonSubTypes.Type type : parent.getAnnotation(JsonSubTypes.class).value()) {
            String name = type.value().getSimpleName();
            Schema<?> inherited = schemas.get(name);
            Schema<?> own = inherited.getAllOf().get(1);
            own.addProperty("kind", new StringSchema().addEnumItem(type.name()));
            if (inherited.getRequired() != null) inherited.getRequired().forEach(own::addRequiredItem);
            own.addRequiredItem("kind");
            schemas.put(name, own);
            any.addOneOfItem(new Schema<>().$ref(name));
            kind.mapping(type.name(), "#/components/schemas/" + name);
        }
        schemas.put(parent.getSimpleName(), any);
        Set<String> kinds = Set.copyOf(kind.getMapping().values());
        contract.getPaths().values().stream()
                .flatMap(item -> item.readOperations().stream())
                .filter(operation -> operation.getRequestBody() != null)
                .flatMap(operation -> operation.getRequestBody().getContent().values().stream())
                .filter(body -> ofKinds(body.getSchema(), kinds))
                .forEach(body -> body.setSchema(new Schema<>().$ref(parent.getSimpleName())));
        schemas.values().stream()
                .filter(schema -> schema.getProperties() != null)
                .forEach(schema -> refer(schema, parent.getSimpleName(), kinds));
    }

    /** Properties, and lists, that take any of the kinds name the parent. */
    private static void refer(Schema<?> schema, String parent, Set<String> kinds) {
        Map<String, Schema> properties = schema.getProperties();
        properties.replaceAll((name, property) -> ofKinds(property, kinds)
                ? new Schema<>().$ref(parent).description(property.getDescription())
                : property);
        properties.values().stream()
                .filter(property -> property.getItems() != null && ofKinds(property.getItems(), kinds))
                .forEach(list -> list.setItems(new Schema<>().$ref(parent)));
    }

    private static boolean ofKinds(@Nullable Schema<?> body, Set<String> kinds) {
        List<Schema> one = body == null ? null : body.getOneOf();
        return one != null && one.stream().allMatch(kind -> kinds.contains(kind.get$ref()));
    }

    @Bean
    static OperationCustomizer edits() {
        return (operation, method) -> {
            boolean edits =
                    Arrays.stream(method.getMethodParameters()).anyMatch(p -> p.getParameterType() == IfMatch.class);
            if (edits)
                operation.addParametersItem(new Parameter()
                        .in("header")
                        .name("If-Match")
                        .required(false)
                        .schema(new StringSchema()));
            Allowed allowed = method.getMethodAnnotation(Allowed.class);
            if (allowed != null && allowed.open()) operation.addExtension("x-open", true);
            return operation;
        };
    }

    private static void complete(String path, String method, Operation operation) {
        operation.setOperationId(name(path, method));
        boolean open =
                operation.getExtensions() != null && operation.getExtensions().containsKey("x-open");
        fails(operation, "400", "503");
        if (!open) fails(operation, "401", "403");
        if (path.contains("{")) fails(operation, "404");
        boolean edits = operation.getParameters() != null
                && operation.getParameters().stream().anyMatch(p -> "If-Match".equals(p.getName()));
        if (edits) fails(operation, "412", "428");
    }

    /** "getUnitsByIdVersions" of GET /api/units/{id}/versions. */
    private static String name(String path, String method) {
        StringBuilder name = new StringBuilder(method.toLowerCase(Locale.ROOT));
        for (String part : path.replaceFirst("^/api/", "").split("[/.-]")) {
            boolean variable = part.startsWith("{");
            String word = part.replaceAll("[{}]", "");
            if (variable) name.append("By");
            name.append(Character.toUpperCase(word.charAt(0))).append(word.substring(1));
        }
        return name.toString();
    }

    /** Failures stand once in the contract, by their status. */
    private static final Map<String, String> FAILURES = Map.of(
            "400", "Please check what is marked",
            "401", "Not signed in",
            "403", "Not allowed",
            "404", "Not found",
            "412", "Changed meanwhile",
            "428", "Version missing",
            "503", "The database does not answer");

    private static ApiResponse failure(String title) {
        return new ApiResponse()
                .description(title)
                .content(new Content()
                        .addMediaType(
                                "application/problem+json",
                                new MediaType().schema(new Schema<>().$ref("#/components/schemas/Problem"))));
    }

    private static void fails(Operation operation, String... statuses) {
        for (String status : statuses)
            operation
                    .getResponses()
                    .addApiResponse(status, new ApiResponse().$ref("#/components/responses/Failure" + status));
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
