package org.livelyladle.server.phones;

import java.time.Clock;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** What phones told of a guest, and which they were. */
@Component
public class ForgottenGuests {
    private final InvitationRepository invitations;
    private final DeviceRepository devices;
    private final SaidAnswerRepository answers;
    private final Clock clock;

    ForgottenGuests(
            InvitationRepository invitations, DeviceRepository devices, SaidAnswerRepository answers, Clock clock) {
        this.invitations = invitations;
        this.devices = devices;
        this.answers = answers;
        this.clock = clock;
    }

    /** At one party; their phone gets in no more. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void forget(UUID party, String guest) {
        answers.forget(party, guest);
        devices.forget(party, guest, clock.instant());
        invitations.forget(party, guest, clock.instant());
    }
}
