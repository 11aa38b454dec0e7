package org.livelyladle.core.facts;

import java.util.Arrays;
import java.util.function.BiConsumer;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.check.Check;
import org.livelyladle.core.check.InvalidInputException;

/** A part that events of some types have. */
enum EventPart {
    SUBJECT("subject", EventPart::isId),
    INGREDIENT("ingredient", EventPart::isId),
    COUNT("count", within(1, 1000)),
    GRAMS("grams", within(1, 50_000)),
    PRICE_CENTS("priceCents", within(0, 1_000_000)),
    DROP("drop", (value, field) -> Check.text((String) value, field, 300)),
    STAY("stay", within(0, 1000)),
    HOW("how", EventPart::isAny),
    GUEST("guest", EventPart::isId),
    CUT("cut", EventPart::isId),
    SIDE("side", EventPart::isId),
    ML("ml", within(0, 20_000)),
    WHAT("what", EventPart::isAny),
    POT("pot", EventPart::isId),
    SHARE("share", within(0, 1)),
    /** Thermometers show figures beyond what a side can have: they are recorded, and judged where they are used. */
    CELSIUS("celsius", within(-274, 2000)),
    SALT_PERCENT("saltPercent", within(0, 30)),
    ACT("act", EventPart::isAny),
    EVENT("event", EventPart::isAny),
    NEED("need", EventPart::isAny);

    private final String field;
    private final BiConsumer<Object, String> check;

    EventPart(String field, BiConsumer<Object, String> check) {
        this.field = field;
        this.check = check;
    }

    private static void isId(Object value, String field) {
        Check.id((String) value, field);
    }

    private static void isAny(Object value, String field) {}

    private static BiConsumer<Object, String> within(double min, double max) {
        return (value, field) -> Check.range(((Number) value).doubleValue(), field, min, max);
    }

    /**
     * Just the parts that events of a type have, each within its bounds.
     *
     * @param values of all parts in their order here, null where there is none
     */
    static void check(EventType type, @Nullable Object... values) {
        for (EventPart part : values()) {
            Object value = values[part.ordinal()];
            if (type.needs(part)) {
                part.check.accept(Check.present(value, part.field), part.field);
            } else if (value != null) {
                if (!type.takes(part)) {
                    throw new InvalidInputException(part.field, value, partsOf(type));
                }
                part.check.accept(value, part.field);
            }
        }
    }

    private static String partsOf(EventType type) {
        String parts = Arrays.stream(values())
                .filter(type::takes)
                .map(part -> part.field)
                .collect(Collectors.joining(", "));
        return (parts.isEmpty() ? "nothing besides id, at and type" : parts) + " for " + type;
    }
}
