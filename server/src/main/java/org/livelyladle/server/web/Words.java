package org.livelyladle.server.web;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Stream;
import org.livelyladle.core.afterwards.Journal;
import org.livelyladle.core.afterwards.Keeping;
import org.livelyladle.core.brief.Appetite;
import org.livelyladle.core.brief.Doneness;
import org.livelyladle.core.brief.Liking;
import org.livelyladle.core.brief.NeedKind;
import org.livelyladle.core.catalogue.Aisle;
import org.livelyladle.core.catalogue.Allergen;
import org.livelyladle.core.catalogue.Extra;
import org.livelyladle.core.catalogue.Heat;
import org.livelyladle.core.catalogue.Skill;

/** The words of the trade for constants a brief holds, as core has them, in its order. */
final class Words {
    private Words() {}

    static Map<String, Map<String, String>> all() {
        Map<String, Map<String, String>> all = new LinkedHashMap<>();
        put(all, NeedKind.class, NeedKind::label);
        put(all, Appetite.class, Appetite::label);
        put(all, Heat.class, Heat::label);
        put(all, Allergen.class, Allergen::label);
        put(all, Liking.class, Liking::label);
        put(all, Doneness.class, Doneness::label);
        put(all, Skill.class, Skill::label);
        put(all, Aisle.class, Aisle::label);
        put(all, Extra.Kind.class, Extra.Kind::label);
        put(all, Journal.Part.class, Journal.Part::label);
        put(all, Journal.State.class, Journal.State::label);
        put(all, Journal.Ate.class, Journal.Ate::label);
        put(all, Keeping.Way.class, Keeping.Way::label);
        return all;
    }

    private static <E extends Enum<E>> void put(
            Map<String, Map<String, String>> all, Class<E> constants, Function<E, String> label) {
        Map<String, String> words = new LinkedHashMap<>();
        Stream.of(constants.getEnumConstants()).forEach(constant -> words.put(constant.name(), label.apply(constant)));
        Class<?> outer = constants.getEnclosingClass();
        all.put((outer == null ? "" : outer.getSimpleName()) + constants.getSimpleName(), words);
    }
}
