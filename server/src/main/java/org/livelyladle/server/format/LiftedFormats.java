package org.livelyladle.server.format;

import org.livelyladle.core.brief.Brief;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.BeanDescription;
import tools.jackson.databind.DeserializationConfig;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.deser.ValueDeserializerModifier;
import tools.jackson.databind.deser.std.DelegatingDeserializer;
import tools.jackson.databind.module.SimpleModule;

/** Wherever a brief is read, from a request, a file or the database, one of an earlier version is lifted first. */
public final class LiftedFormats extends SimpleModule {
    public LiftedFormats() {
        setDeserializerModifier(new ValueDeserializerModifier() {
            @Override
            public ValueDeserializer<?> modifyDeserializer(
                    DeserializationConfig config, BeanDescription.Supplier bean, ValueDeserializer<?> reader) {
                return bean.getBeanClass() == Brief.class ? new BriefReader(reader) : reader;
            }
        });
    }

    private static final class BriefReader extends DelegatingDeserializer {
        BriefReader(ValueDeserializer<?> reader) {
            super(reader);
        }

        @Override
        protected ValueDeserializer<?> newDelegatingInstance(ValueDeserializer<?> reader) {
            return new BriefReader(reader);
        }

        @Override
        public Object deserialize(JsonParser parser, DeserializationContext context) {
            JsonNode tree = context.readTree(parser);
            BriefUpcaster.lift(tree);
            try (JsonParser lifted = tree.traverse(context)) {
                lifted.nextToken();
                return super.deserialize(lifted, context);
            }
        }
    }
}
