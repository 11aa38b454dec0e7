package org.livelyladle.core;

import java.lang.reflect.Method;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.livelyladle.core.measure.Figure;

/** Looks through a whole answer for numbers that cannot be: not finite, colder than a freezer, hotter than steam, less than nothing. */
public final class Sound {
    private static final double COLDEST_C = -30;
    private static final double HOTTEST_C = 110;
    /** Units of things of which there is never less than none. */
    private static final List<String> NEVER_NEGATIVE = List.of("g", "ml", "s", "min", "cents", "pieces", "kWh", "%");

    private static final ClassValue<List<Method>> PARTS = new ClassValue<>() {
        @Override
        protected List<Method> computeValue(Class<?> type) {
            return Stream.of(type.getRecordComponents())
                    .map(RecordComponent::getAccessor)
                    .peek(accessor -> accessor.setAccessible(true))
                    .toList();
        }
    };

    private final List<String> faults = new ArrayList<>();

    private Sound() {}

    /** Where something cannot be, with what stands there. */
    public static List<String> faults(Object answer) {
        Sound sound = new Sound();
        sound.look("", answer);
        return sound.faults;
    }

    private void look(String path, Object value) {
        if (value instanceof Double number) {
            check(path, number, Double.isFinite(number));
            if (path.endsWith("elsius")) {
                check(path, number, number >= COLDEST_C && number <= HOTTEST_C);
            }
        } else if (value instanceof Figure figure) {
            figure(path + "[" + figure.id() + "]", figure);
        } else if (value instanceof Optional<?> optional) {
            optional.ifPresent(inside -> look(path, inside));
        } else if (value instanceof Collection<?> all) {
            int i = 0;
            for (Object one : all) {
                look(path + "[" + i++ + "]", one);
            }
        } else if (value instanceof Map<?, ?> map) {
            map.forEach((key, one) -> look(path + "." + key, one));
        } else if (value instanceof Record record) {
            for (Method part : PARTS.get(record.getClass())) {
                look(path + "." + part.getName(), read(record, part));
            }
        }
    }

    private static Object read(Record record, Method part) {
        try {
            return part.invoke(record);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(record + " hides " + part.getName(), e);
        }
    }

    private void figure(String path, Figure figure) {
        double value = figure.value();
        check(path, value, Double.isFinite(value));
        if (figure.unit().equals("°C")) {
            check(path, value, value >= COLDEST_C && value <= HOTTEST_C);
        }
        if (NEVER_NEGATIVE.contains(figure.unit())) {
            check(path, value, value >= -1e-6);
        }
        if (figure.text().contains("NaN")
                || figure.text().contains("Infinity")
                || figure.text().contains("null")) {
            faults.add(path + " reads " + figure.text());
        }
    }

    private void check(String path, double value, boolean holds) {
        if (!holds) {
            faults.add(path + " = " + value);
        }
    }
}
