package org.livelyladle.server.live;

import java.io.IOException;
import java.util.UUID;
import java.util.function.BooleanSupplier;
import org.jspecify.annotations.Nullable;
import org.livelyladle.server.access.SignedIn;
import org.livelyladle.server.party.NumberedEvent;
import org.livelyladle.server.party.PartyService;
import org.livelyladle.server.party.PartyState;
import org.livelyladle.server.web.RefusedException;
import org.springframework.http.MediaType;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * One screen that follows a party: it is sent everything once, in order. A phone is only told that something happened, and
 * asks for what of it is its own.
 */
final class Screen {
    private static final int UNKNOWN = -1;

    private final SignedIn host;
    private final UUID party;
    private final @Nullable BooleanSupplier phoneIsIn;
    private final SseEmitter emitter = new SseEmitter(0L);
    /** Number of the last event it was sent. */
    private long sequence;

    private int revision = UNKNOWN;

    /**
     * @param sequence number of the last event it knows
     * @param phoneIsIn of a phone, whether its invitation still holds; null for a screen of the host
     */
    Screen(SignedIn host, UUID party, long sequence, @Nullable BooleanSupplier phoneIsIn) {
        this.phoneIsIn = phoneIsIn;
        this.host = host;
        this.party = party;
        this.sequence = sequence;
    }

    UUID party() {
        return party;
    }

    SseEmitter emitter() {
        return emitter;
    }

    /** What the data of an event holds. */
    record Fact(long sequence, Object event) {}

    /** What it is told of the brief: which revision is the newest. */
    record Revised(long sequence, int revision) {}

    /** Sends what it has not been sent yet; false when it is gone. */
    synchronized boolean catchUp(PartyService parties) {
        try {
            if (phoneIsIn != null) {
                return tell(phoneIsIn, parties.state(host, party));
            }
            for (NumberedEvent told : parties.events(host, party, sequence)) {
                sequence = told.sequence();
                send("fact", new Fact(sequence, told.event()));
            }
            PartyState state = parties.state(host, party);
            if (state.revision() != revision) {
                revision = state.revision();
                send("brief", new Revised(sequence, revision));
            }
            return true;
        } catch (IOException | IllegalStateException e) {
            return false;
        } catch (RefusedException e) {
            emitter.complete();
            return false;
        }
    }

    private boolean tell(BooleanSupplier isIn, PartyState state) throws IOException {
        if (!isIn.getAsBoolean()) {
            emitter.complete();
            return false;
        }
        sequence = state.sequence();
        send("changed", new Revised(sequence, state.revision()));
        return true;
    }

    private void send(String name, Object data) throws IOException {
        emitter.send(SseEmitter.event().id(Long.toString(sequence)).name(name).data(data, MediaType.APPLICATION_JSON));
    }

    /** So that neither end takes a quiet table for a lost connection; false when it is gone. */
    synchronized boolean beat() {
        try {
            emitter.send(SseEmitter.event().comment("here"));
            return true;
        } catch (IOException | IllegalStateException e) {
            return false;
        }
    }
}
