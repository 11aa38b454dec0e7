package org.livelyladle.server.demo;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.TemporalAdjusters;
import java.util.List;
import java.util.Objects;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.PriceSnapshot;
import org.livelyladle.server.household.PriceList;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** The demo parties, moved so that they take place next Saturday, with the household's prices. */
@Component
public class DemoBriefs {
    private static final List<String> FILES = List.of("quad-supper", "quiet-evening", "boathouse-twenty");

    private final JsonMapper mapper;
    private final PriceList prices;

    public DemoBriefs(JsonMapper mapper, PriceList prices) {
        this.mapper = mapper;
        this.prices = prices;
    }

    /** All demo parties as of a day. */
    public List<Brief> load(LocalDate today) {
        LocalDate saturday = today.with(TemporalAdjusters.next(DayOfWeek.SATURDAY));
        PriceSnapshot snapshot = prices.snapshot(today.minusDays(4));
        return FILES.stream()
                .map(this::read)
                .map(brief -> moved(brief, saturday, snapshot))
                .toList();
    }

    private Brief read(String name) {
        try (InputStream in = DemoBriefs.class.getResourceAsStream("/demo/" + name + ".json")) {
            return mapper.readValue(Objects.requireNonNull(in, name), Brief.class);
        } catch (IOException e) {
            throw new UncheckedIOException("The demo party " + name + " cannot be read", e);
        }
    }

    private static Brief moved(Brief b, LocalDate day, PriceSnapshot prices) {
        LocalDateTime sitDown = day.atTime(b.sitDown().toLocalTime());
        return b.later(Duration.between(b.sitDown(), sitDown), prices);
    }
}
