package org.livelyladle.server.live;

import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import org.livelyladle.server.access.SignedIn;
import org.livelyladle.server.party.PartyService;
import org.livelyladle.server.web.RefusedException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** All screens that follow a party at this server. */
@Service
public class Screens {
    private static final int MOST_SCREENS = 200;
    private static final Duration BEAT = Duration.ofSeconds(10);
    private static final Logger log = LoggerFactory.getLogger(Screens.class);

    private final PartyService parties;
    private final Set<Screen> screens = ConcurrentHashMap.newKeySet();
    /** One thread sends: everything to everybody in order. */
    private final ScheduledExecutorService sender = Executors.newSingleThreadScheduledExecutor(task -> {
        Thread thread = new Thread(task, "screens");
        thread.setDaemon(true);
        return thread;
    });

    Screens(PartyService parties, PartyNews news) {
        this.parties = parties;
        news.listen(party -> sender.execute(() -> catchUp(party)));
        sender.scheduleWithFixedDelay(
                () -> each(screen -> true, Screen::beat), BEAT.toMillis(), BEAT.toMillis(), TimeUnit.MILLISECONDS);
    }

    /**
     * @param known number of the last event this screen knows; null where it has just read everything
     * @param phoneIsIn of a phone, whether its invitation still holds; null for a screen of the host
     * @throws RefusedException 404 for a party there is none of, 503 where too many screens follow already
     */
    public SseEmitter follow(SignedIn host, UUID party, @Nullable Long known, @Nullable BooleanSupplier phoneIsIn) {
        long last = parties.state(host, party).sequence();
        if (screens.size() >= MOST_SCREENS) {
            throw new RefusedException(
                    HttpStatus.SERVICE_UNAVAILABLE, "More than " + MOST_SCREENS + " screens follow already.");
        }
        Screen screen = new Screen(host, party, known == null ? last : known, phoneIsIn);
        screen.emitter().onCompletion(() -> screens.remove(screen));
        screen.emitter().onError(e -> screens.remove(screen));
        screens.add(screen);
        sender.execute(() -> each(one -> one == screen, one -> one.catchUp(parties)));
        return screen.emitter();
    }

    private void catchUp(@Nullable UUID party) {
        each(screen -> party == null || screen.party().equals(party), screen -> screen.catchUp(parties));
    }

    private void each(Predicate<Screen> which, Predicate<Screen> send) {
        for (Screen screen : List.copyOf(screens)) {
            try {
                if (which.test(screen) && !send.test(screen)) {
                    screens.remove(screen);
                }
            } catch (RuntimeException e) {
                log.debug("A screen could not be told for now", e);
            }
        }
    }

    @PreDestroy
    void close() {
        sender.shutdownNow();
        screens.forEach(screen -> screen.emitter().complete());
    }
}
