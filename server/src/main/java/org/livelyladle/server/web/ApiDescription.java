package org.livelyladle.server.web;

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
import java.util.Iterator;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.check.Key;
import org.livelyladle.core.edit.BriefEdit;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springdoc.core.providers.ObjectMapperProvider;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Describes the API from its records: nested records by their full name, parts that are never null as required,
 * lists with what makes an entry itself ({@code x-key}), constants with the words for them ({@code x-words}).
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
                keys(java.getRawClass(), model);
            }
            return schema;
        }

        /** What makes an entry of a list itself stands beside the list. */
        private static void keys(Class<?> record, Schema<?> model) {
            for (RecordComponent part : record.getRecordComponents()) {
                Key key = part.getAnnotation(Key.class);
                if (key != null && model.getProperties() != null) {
                    model.getProperties().get(part.getName()).addExtension("x-key", List.of(key.value()));
                }
            }
        }

        private static List<String> required(Class<?> record) {
            return Stream.of(record.getRecordComponents())
                    .filter(part -> !part.getAnnotatedType().isAnnotationPresent(Nullable.class))
                    .map(RecordComponent::getName)
                    .toList();
        }
    }
}
