package org.livelyladle.server.web;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.databind.JavaType;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.jackson.ModelResolver;
import io.swagger.v3.core.jackson.TypeNameResolver;
import io.swagger.v3.core.util.Json;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import io.swagger.v3.oas.models.servers.Server;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.math.BigDecimal;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.check.Key;
import org.livelyladle.core.check.Usual;
import org.livelyladle.core.check.Within;
import org.livelyladle.core.edit.BriefEdit;
import org.livelyladle.server.format.UsualParts;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springdoc.core.providers.ObjectMapperProvider;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.databind.json.JsonMapper;

/**
 * Describes the API from its records: nested records by their full name, parts that have to be said as required, what is
 * usual of the others, what numbers may be, lists with what makes an entry itself ({@code x-key}), constants with the
 * words for them ({@code x-words}).
 */
@Configuration
class ApiDescription {

    @Bean
    OpenAPI openApi() {
        // the port is chosen at each start and is no part of the description
        return new OpenAPI()
                .servers(List.of(new Server().url("/").description("This server")))
                .info(
                        new Info()
                                .title("Lively Ladle")
                                .version("1")
                                .description(
                                        "Plans a hot pot party. Masses in g, volumes in ml, money in cents; times say their unit."
                                                + " Errors are problem details (RFC 9457) with the field and what is accepted."));
    }

    @Bean
    OpenApiCustomizer words() {
        return api -> api.addExtension("x-words", Words.all());
    }

    @Bean
    ModelResolver modelResolver(ObjectMapperProvider mapper) {
        return new ModelResolver(mapper.jsonMapper().addMixIn(BriefEdit.class, EditNames.class), new NestedNames());
    }

    /** Each edit is told from the others by its name. */
    @Bean
    OpenApiCustomizer namedEdits() {
        return api -> {
            for (JsonSubTypes.Type type :
                    EditNames.class.getAnnotation(JsonSubTypes.class).value()) {
                Schema<?> schema = api.getComponents()
                        .getSchemas()
                        .get("BriefEdit" + type.value().getSimpleName());
                schema.getAllOf().get(1).addProperty("edit", new StringSchema()._enum(List.of(type.name())));
                schema.addRequiredItem("edit");
            }
        };
    }

    @Bean
    ModelConverter requiredParts() {
        return new RequiredParts();
    }

    private static final class NestedNames extends TypeNameResolver {
        @Override
        protected String nameForClass(Class<?> cls, Set<Options> options) {
            Class<?> outer = cls.getEnclosingClass();
            return outer == null
                    ? super.nameForClass(cls, options)
                    : nameForClass(outer, options) + cls.getSimpleName();
        }
    }

    private static final class RequiredParts implements ModelConverter {
        private static final JsonMapper MAPPER = JsonConfig.mapper()
                .rebuild()
                .changeDefaultPropertyInclusion(all -> all.withValueInclusion(JsonInclude.Include.NON_NULL))
                .build();

        @Override
        public @Nullable Schema<?> resolve(
                AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
            Schema<?> schema = chain.hasNext() ? chain.next().resolve(type, context, chain) : null;
            JavaType java = Json.mapper().constructType(type.getType());
            if (schema != null && java != null && java.getRawClass().isRecord()) {
                String name = schema.get$ref() == null
                        ? schema.getName()
                        : schema.get$ref().substring(schema.get$ref().lastIndexOf('/') + 1);
                Schema<?> model = context.getDefinedModels().getOrDefault(String.valueOf(name), schema);
                model.setRequired(required(java.getRawClass()));
                if (model.getProperties() != null) {
                    describe(java.getRawClass(), model.getProperties());
                }
            }
            return schema;
        }

        /** What a record says about itself is no part of it; what is said of a part stands beside it. */
        private static void describe(Class<?> record, Map<String, Schema> parts) {
            RecordComponent[] components = record.getRecordComponents();
            parts.keySet()
                    .retainAll(
                            Stream.of(components).map(RecordComponent::getName).toList());
            for (RecordComponent component : components) {
                Schema<?> part = parts.get(component.getName());
                Key key = component.getAnnotation(Key.class);
                if (key != null) {
                    part.addExtension("x-key", List.of(key.value()));
                }
                Within within = component.getAnnotation(Within.class);
                if (within != null) {
                    part.minimum(number(within.min())).maximum(number(within.max()));
                }
                Usual usual = component.getAnnotation(Usual.class);
                if (usual != null) {
                    part.setDefault(whole(UsualParts.json(usual), component.getGenericType()));
                }
            }
        }

        /** As it is once it is read, what is usual of its own parts included. */
        private static Object whole(String json, Type type) {
            Object value = MAPPER.readValue(json, MAPPER.constructType(type));
            return MAPPER.convertValue(value, Object.class);
        }

        private static BigDecimal number(double value) {
            return BigDecimal.valueOf(value).stripTrailingZeros();
        }

        private static List<String> required(Class<?> record) {
            return Stream.of(record.getRecordComponents())
                    .filter(part -> !part.isAnnotationPresent(Usual.class))
                    .filter(part -> !part.getAnnotatedType().isAnnotationPresent(Nullable.class))
                    .map(RecordComponent::getName)
                    .toList();
        }
    }
}
