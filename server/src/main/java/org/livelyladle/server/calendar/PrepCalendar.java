package org.livelyladle.server.calendar;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.ParameterList;
import net.fortuna.ical4j.model.PropertyContainer;
import net.fortuna.ical4j.model.component.VAlarm;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.component.VToDo;
import net.fortuna.ical4j.model.parameter.Related;
import net.fortuna.ical4j.model.property.Completed;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtEnd;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.DtStart;
import net.fortuna.ical4j.model.property.Due;
import net.fortuna.ical4j.model.property.Sequence;
import net.fortuna.ical4j.model.property.Summary;
import net.fortuna.ical4j.model.property.Trigger;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableAction;
import net.fortuna.ical4j.model.property.immutable.ImmutableStatus;
import net.fortuna.ical4j.model.property.immutable.ImmutableTransp;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Cook;
import org.livelyladle.core.prep.Prep;
import org.livelyladle.core.prep.PrepTask;

/**
 * Shopping trips and sitting down as events, tasks as to-dos with an alarm. Times are written in UTC, so that no reader
 * has to know a zone's rules; ids stay the same from one writing to the next, so that reading again updates.
 *
 * @param changes a number that grows with every change of the party
 */
record PrepCalendar(String party, Brief brief, Prep prep, int changes, Instant writtenAt) {
    private static final Duration ALARM_BEFORE = Duration.ofMinutes(5);

    /** @param cook only what this cook does; all of it when null */
    String write(@Nullable String cook) {
        Calendar calendar = CalendarText.calendar("Prep", brief.title());
        prep.tasks().stream()
                .filter(task -> cook == null || cook.equals(task.cook()))
                .forEach(task -> {
                    if (!task.fixed()) {
                        calendar.add(task(task));
                    } else if (task.group() == PrepTask.Group.SHOPPING) {
                        calendar.add(trip(task));
                    }
                });
        calendar.add(sittingDown());
        return CalendarText.of(calendar);
    }

    private Instant instant(LocalDateTime local) {
        return local.atZone(brief.zoneId()).toInstant();
    }

    private <T extends PropertyContainer> T entry(T entry, String id, String summary, String description) {
        entry.add(new Uid(id + "@" + party + ".lively-ladle"));
        entry.add(new DtStamp(writtenAt));
        entry.add(new Sequence(changes));
        entry.add(new Summary(summary));
        if (!description.isEmpty()) {
            entry.add(new Description(description));
        }
        return entry;
    }

    private VEvent trip(PrepTask task) {
        VEvent event = entry(new VEvent(false), task.id(), task.what(), task.amount());
        event.add(new DtStart<>(instant(task.startsAt())));
        event.add(new DtEnd<>(instant(task.endsAt())));
        return event;
    }

    private VEvent sittingDown() {
        VEvent event = entry(
                new VEvent(false),
                "sitting-down",
                "Sit down: " + brief.title(),
                brief.guests().size() + " guests");
        Instant start = instant(brief.sitDown());
        event.add(new DtStart<>(start));
        event.add(new DtEnd<>(start.plus(Duration.ofMinutes(brief.mealMinutes()))));
        event.add(ImmutableTransp.OPAQUE);
        return event;
    }

    private VToDo task(PrepTask task) {
        VToDo todo = entry(new VToDo(false), task.id(), name(task) + task.what(), description(task));
        todo.add(new DtStart<>(instant(task.startsAt())));
        todo.add(new Due<>(instant(task.endsAt())));
        switch (task.state()) {
            case DONE -> {
                todo.add(ImmutableStatus.VTODO_COMPLETED);
                todo.add(new Completed(instant(task.endsAt())));
            }
            case RUNNING, PAUSED -> todo.add(ImmutableStatus.VTODO_IN_PROCESS);
            case PLANNED -> {
                todo.add(ImmutableStatus.VTODO_NEEDS_ACTION);
                todo.add(alarm(task));
            }
        }
        return todo;
    }

    private static VAlarm alarm(PrepTask task) {
        VAlarm alarm = new VAlarm();
        alarm.add(new Trigger(new ParameterList(List.of(Related.START)), ALARM_BEFORE.negated()));
        alarm.add(ImmutableAction.DISPLAY);
        alarm.add(new Description(task.what()));
        return alarm;
    }

    private String name(PrepTask task) {
        return brief.cooks().stream()
                .filter(cook -> cook.id().equals(task.cook()))
                .findFirst()
                .map(Cook::name)
                .map(name -> name + ": ")
                .orElse("");
    }

    private static String description(PrepTask task) {
        return Stream.of(task.amount(), task.tool(), task.caution(), task.why())
                .filter(text -> !text.isEmpty())
                .collect(Collectors.joining("\n"));
    }
}
