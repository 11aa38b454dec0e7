package org.livelyladle.server.web;

import com.fasterxml.jackson.annotation.JsonAutoDetect;
import org.livelyladle.core.edit.BriefEdit;
import org.livelyladle.server.format.LiftedFormats;
import org.livelyladle.server.format.UsualParts;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.cfg.EnumFeature;
import tools.jackson.databind.json.JsonMapper;

/**
 * Reads JSON strictly: an unknown field, a wrong type or a doubled key is an error, never a guess. Writes the parts of
 * records and nothing they say about themselves.
 */
@Configuration
public class JsonConfig {
    @Bean
    JsonMapperBuilderCustomizer strictJson() {
        return JsonConfig::strict;
    }

    /** A mapper as the server uses it. */
    public static JsonMapper mapper() {
        JsonMapper.Builder builder = JsonMapper.builder();
        strict(builder);
        return builder.build();
    }

    private static void strict(JsonMapper.Builder builder) {
        builder.enable(
                        DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES,
                        DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES,
                        DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
                .addModules(new LiftedFormats(), new UsualParts())
                .addMixIn(BriefEdit.class, EditNames.class)
                .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
                .enable(EnumFeature.FAIL_ON_NUMBERS_FOR_ENUMS)
                .changeDefaultVisibility(visible -> visible.withIsGetterVisibility(JsonAutoDetect.Visibility.NONE))
                .disable(DeserializationFeature.ACCEPT_FLOAT_AS_INT)
                .disable(tools.jackson.databind.MapperFeature.ALLOW_COERCION_OF_SCALARS);
    }
}
