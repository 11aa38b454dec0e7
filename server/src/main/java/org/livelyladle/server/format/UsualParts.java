package org.livelyladle.server.format;

import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.livelyladle.core.check.Usual;
import tools.jackson.databind.BeanDescription;
import tools.jackson.databind.DeserializationConfig;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.JacksonModule;
import tools.jackson.databind.deser.NullValueProvider;
import tools.jackson.databind.deser.SettableBeanProperty;
import tools.jackson.databind.deser.ValueInstantiator;
import tools.jackson.databind.deser.ValueInstantiators;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.util.AccessPattern;

/** What a document leaves out, or says to be null, is read as {@link Usual} says beside the part. */
public final class UsualParts extends SimpleModule {

    @Override
    public void setupModule(JacksonModule.SetupContext context) {
        super.setupModule(context);
        context.addValueInstantiators(new ValueInstantiators.Base() {
            @Override
            public ValueInstantiator modifyValueInstantiator(
                    DeserializationConfig config, BeanDescription.Supplier bean, ValueInstantiator maker) {
                Map<String, Usual> usual = usualParts(bean.getBeanClass());
                return usual.isEmpty() ? maker : new Filling(maker, usual);
            }
        });
    }

    /** The parts of a record that may be left out, by name; none for what is no record. */
    public static Map<String, Usual> usualParts(Class<?> type) {
        return !type.isRecord()
                ? Map.of()
                : Stream.of(type.getRecordComponents())
                        .filter(part -> part.isAnnotationPresent(Usual.class))
                        .collect(Collectors.toMap(RecordComponent::getName, part -> part.getAnnotation(Usual.class)));
    }

    /** As JSON; a bare name is a constant. */
    public static String json(Usual usual) {
        return Character.isUpperCase(usual.value().charAt(0)) ? '"' + usual.value() + '"' : usual.value();
    }

    private static final class Filling extends ValueInstantiator.Delegating {
        private final transient Map<String, Usual> usual;

        Filling(ValueInstantiator maker, Map<String, Usual> usual) {
            super(maker);
            this.usual = usual;
        }

        @Override
        public ValueInstantiator createContextual(DeserializationContext context, BeanDescription.Supplier bean) {
            return this;
        }

        @Override
        public SettableBeanProperty[] getFromObjectArguments(DeserializationConfig config) {
            return Arrays.stream(super.getFromObjectArguments(config))
                    .map(part -> usual.containsKey(part.getName())
                            ? part.withNullProvider(new UsualValue(part, json(usual.get(part.getName()))))
                            : part)
                    .toArray(SettableBeanProperty[]::new);
        }
    }

    private record UsualValue(SettableBeanProperty part, String json) implements NullValueProvider {
        @Override
        public Object getNullValue(DeserializationContext context) {
            return context.readValue(context.tokenStreamFactory().createParser(context, json), part.getType());
        }

        @Override
        public Object getAbsentValue(DeserializationContext context) {
            return getNullValue(context);
        }

        @Override
        public AccessPattern getNullAccessPattern() {
            return AccessPattern.DYNAMIC;
        }
    }
}
