package org.livelyladle.server.exchange;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.prep.Prep;
import org.livelyladle.core.prep.PrepTask;

/** A sheet for each cook: what, how much, with what, when, in the order of starting, with boxes to tick. */
final class PrepPdf {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEEE d MMMM", Locale.ENGLISH);

    private PrepPdf() {}

    /** @param cook one cook's sheet; a sheet for everybody who has something to do when null */
    static byte[] write(Brief brief, Prep prep, @Nullable String cook) {
        List<Prep.CookShare> cooks = prep.cooks().stream()
                .filter(share ->
                        cook == null ? share.hands().value() > 0 : share.cook().equals(cook))
                .toList();
        Html body = new Html();
        for (int i = 0; i < cooks.size(); i++) {
            sheet(brief, prep, cooks.get(i), i > 0, body);
        }
        return Pdf.print("Prep for " + brief.title(), body);
    }

    private static void sheet(Brief brief, Prep prep, Prep.CookShare cook, boolean next, Html body) {
        if (next) {
            body.open("div", "page").close("div");
        }
        body.element("h1", "Prep: " + cook.name());
        body.element(
                "p",
                "quiet",
                brief.title() + ", sitting down " + DAY.format(brief.sitDown()) + " at "
                        + KitchenText.clock(brief.sitDown()) + ". "
                        + cook.hands().text() + " of work.");
        List<PrepTask> tasks = prep.tasks().stream()
                .filter(task -> cook.cook().equals(task.cook()))
                .toList();
        tasks.stream().map(task -> task.startsAt().toLocalDate()).distinct().forEach(day -> day(day, tasks, body));
    }

    private static void day(LocalDate day, List<PrepTask> tasks, Html body) {
        body.element("h2", DAY.format(day)).open("table");
        tasks.stream().filter(task -> task.startsAt().toLocalDate().equals(day)).forEach(task -> task(task, body));
        body.close("table");
    }

    private static void task(PrepTask task, Html body) {
        body.open("tr").open("td", task.state() == PrepTask.State.DONE ? "box done" : "box");
        body.element("span", "").close("td");
        body.element("td", "right", KitchenText.clock(task.startsAt()));
        body.open("td").element("strong", task.what());
        if (!task.caution().isEmpty()) {
            body.open("br/").element("span", "quiet", "! " + task.caution());
        }
        body.close("td").element("td", "right", task.amount());
        body.element("td", "quiet", task.tool());
        body.element(
                        "td",
                        "right quiet",
                        task.minutes().text() + (task.hands() < task.minutes().value() ? ", by itself" : ""))
                .close("tr");
    }
}
