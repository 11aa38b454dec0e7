package org.livelyladle.server.phones;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Cook;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.check.Check;
import org.livelyladle.core.check.InvalidInputException;
import org.livelyladle.server.access.Devices;
import org.livelyladle.server.access.LocalHost;
import org.livelyladle.server.access.Paired;
import org.livelyladle.server.access.Role;
import org.livelyladle.server.access.SignedIn;
import org.livelyladle.server.party.PartyService;
import org.livelyladle.server.web.RefusedException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Invitations and the devices that came by them. */
@Service
@Transactional
class PairingService implements Devices {
    /** After the party an invitation is good for so long. */
    private static final Duration AFTER_THE_PARTY = Duration.ofDays(1);
    /** Failed tries of one address within a minute. */
    private static final int MOST_TRIES = 10;

    private static final int MOST_INVITATIONS = 100;
    /** No browser keeps a cookie longer. */
    private static final Duration HOST_FOR = Duration.ofDays(400);

    private static final Duration SEEN_AGAIN = Duration.ofMinutes(1);

    private final InvitationRepository invitations;
    private final DeviceRepository devices;
    private final PartyService parties;
    private final LocalHost hosts;
    private final HostCode codes;
    private final Clock clock;
    private final Tries failed;

    PairingService(
            InvitationRepository invitations,
            DeviceRepository devices,
            PartyService parties,
            LocalHost hosts,
            HostCode codes,
            Clock clock) {
        this.invitations = invitations;
        this.devices = devices;
        this.parties = parties;
        this.hosts = hosts;
        this.codes = codes;
        this.clock = clock;
        this.failed = new Tries(MOST_TRIES, clock);
    }

    /** A secret that was just made, which nobody can tell again. */
    record Made(InvitationView view, String secret) {}

    /** @param person the guest or cook whose it is; null for anybody who takes a place */
    Made invite(SignedIn host, UUID party, @Nullable Role role, @Nullable String person) {
        if (role != Role.COOK && role != Role.GUEST) {
            throw new InvalidInputException("role", String.valueOf(role), "GUEST or COOK");
        }
        if (person != null) {
            Check.known(person, people(host, party, role), "guest", "somebody of this party");
        }
        if (invitations.of(party).size() >= MOST_INVITATIONS) {
            throw new RefusedException(
                    HttpStatus.CONFLICT, "More than " + MOST_INVITATIONS + " invitations are open: take some back.");
        }
        Instant ends = ends(host, party);
        String secret = Secret.make(Secret.INVITATION_BITS);
        Invitation invitation = invitations.save(new Invitation(
                UUID.randomUUID(), party, host.host(), role, person, Secret.hash(secret), clock.instant()));
        return new Made(view(invitation, ends, false), secret);
    }

    @Transactional(readOnly = true)
    List<InvitationView> invitations(SignedIn host, UUID party) {
        Instant ends = ends(host, party);
        return invitations.of(party).stream()
                .map(one -> view(one, ends, !devices.ofInvitation(one.id()).isEmpty()))
                .toList();
    }

    private static InvitationView view(Invitation invitation, Instant ends, boolean used) {
        return new InvitationView(
                invitation.id(), invitation.role(), invitation.person(), null, invitation.createdAt(), ends, used);
    }

    /** Whoever came by it is out at once. */
    void revokeInvitation(SignedIn host, UUID party, UUID id) {
        ends(host, party);
        Invitation invitation = invitations
                .findById(id)
                .filter(one -> one.partyId().equals(party))
                .orElseThrow(() -> new RefusedException(HttpStatus.NOT_FOUND, "There is no such invitation."));
        invitation.revoke(clock.instant());
        devices.ofInvitation(id).forEach(device -> device.revoke(clock.instant()));
        devices.flush();
        parties.announce(party);
    }

    @Transactional(readOnly = true)
    List<DeviceView> devices(SignedIn host, UUID party) {
        ends(host, party);
        return devices.of(party).stream().map(DeviceView::of).toList();
    }

    @Transactional(readOnly = true)
    List<DeviceView> hostDevices(SignedIn host) {
        return devices.ofHost(host.host()).stream().map(DeviceView::of).toList();
    }

    void revokeHostDevice(SignedIn host, UUID id) {
        devices.ofHost(host.host()).stream()
                .filter(device -> device.id().equals(id))
                .findFirst()
                .orElseThrow(PairingService::noDevice)
                .revoke(clock.instant());
    }

    void revokeDevice(SignedIn host, UUID party, UUID id) {
        device(host, party, id).revoke(clock.instant());
        devices.flush();
        parties.announce(party);
    }

    /** Gives a device a place, or takes it away. */
    DeviceView seat(SignedIn host, UUID party, UUID id, @Nullable String person) {
        Device device = device(host, party, id);
        sit(device, host, party, person);
        return DeviceView.of(device);
    }

    private Device device(SignedIn host, UUID party, UUID id) {
        ends(host, party);
        return devices.of(party).stream()
                .filter(device -> device.id().equals(id))
                .findFirst()
                .orElseThrow(PairingService::noDevice);
    }

    private static RefusedException noDevice() {
        return new RefusedException(HttpStatus.NOT_FOUND, "There is no such device.");
    }

    /** A phone takes a place nobody else has. */
    void take(Paired phone, String person) {
        Device device = devices.findById(phone.device()).orElseThrow(PairingService::noDevice);
        sit(device, phone.host(), phone.party(), person);
    }

    private void sit(Device device, SignedIn host, UUID party, @Nullable String person) {
        if (person != null) {
            Check.known(person, people(host, party, device.role()), "guest", "somebody of this party");
        }
        device.sit(person);
        keepPlaceOnce(device);
        parties.announce(party);
    }

    /** The database knows, even when two ask at once. */
    private void keepPlaceOnce(Device device) {
        try {
            devices.saveAndFlush(device);
        } catch (DataIntegrityViolationException e) {
            throw new RefusedException(HttpStatus.CONFLICT, "Another phone has this place; the host can free it.");
        }
    }

    /** Whose places have a phone already. */
    @Transactional(readOnly = true)
    Set<String> taken(Paired phone) {
        return devices.of(phone.party()).stream()
                .filter(other -> other.role() == phone.role() && other.person() != null)
                .map(Device::person)
                .collect(Collectors.toSet());
    }

    void leave(Paired phone) {
        devices.findById(phone.device()).ifPresent(device -> device.revoke(clock.instant()));
        devices.flush();
        parties.announce(phone.party());
    }

    private List<String> people(SignedIn host, UUID party, Role role) {
        Brief brief = parties.get(host, party).brief();
        return role == Role.GUEST
                ? brief.guests().stream().map(Guest::id).toList()
                : brief.cooks().stream().map(Cook::id).toList();
    }

    /** What a device keeps in its cookie from now on, and until when. */
    record Ticket(Role role, String token, Duration goodFor) {}

    /**
     * @param address whose tries are counted
     * @param known the token the device has already, by which it may scan its own invitation again
     */
    Ticket pairBySecret(String secret, String address, String kind, @Nullable String known) {
        failed.check(address);
        Invitation invitation = invitations.lock(Secret.hash(secret)).orElseThrow(() -> {
            failed.count(address);
            return new RefusedException(
                    HttpStatus.FORBIDDEN, "No invitation has this code. Ask the host for another one.");
        });
        if (invitation.isRevoked()) {
            throw gone("The host has taken this invitation back.");
        }
        Instant ends = endsOf(invitation.partyId()).orElseThrow(() -> gone("The party of this invitation is gone."));
        Instant now = clock.instant();
        if (!ends.isAfter(now)) {
            throw gone("This invitation ended a day after its party.");
        }
        List<Device> here = devices.ofInvitation(invitation.id());
        Optional<Device> again = known == null
                ? Optional.empty()
                : devices.byToken(Secret.hash(known)).filter(here::contains);
        if (again.isPresent()) {
            return new Ticket(invitation.role(), known, Duration.between(now, ends));
        }
        if (invitation.person() != null && !here.isEmpty()) {
            throw gone("This invitation was used by another phone already. Ask the host for another one.");
        }
        String token = Secret.make(Secret.COOKIE_BITS);
        Device device = devices.save(Device.of(invitation, kind, Secret.hash(token), now));
        keepPlaceOnce(device);
        parties.announce(invitation.partyId());
        return new Ticket(invitation.role(), token, Duration.between(now, ends));
    }

    private static RefusedException gone(String why) {
        return new RefusedException(HttpStatus.GONE, why);
    }

    Ticket pairByCode(String code, String address, String kind) {
        failed.check(address);
        SignedIn host = codes.take(code);
        if (host == null) {
            failed.count(address);
            throw new RefusedException(
                    HttpStatus.FORBIDDEN,
                    "This is not the code the host's screen shows now. It changes after five tries.");
        }
        String token = Secret.make(Secret.COOKIE_BITS);
        devices.save(Device.of(host.host(), kind, Secret.hash(token), clock.instant()));
        return new Ticket(Role.HOST, token, HOST_FOR);
    }

    @Override
    public Optional<Known> find(String token) {
        Instant now = clock.instant();
        Optional<Device> found = devices.byToken(Secret.hash(token)).filter(device -> isGood(device, now));
        found.filter(device -> device.seenAt().plus(SEEN_AGAIN).isBefore(now)).ifPresent(device -> device.seen(now));
        return found.map(device -> {
            SignedIn host = hosts.signIn();
            UUID party = device.partyId();
            return party == null
                    ? new Known(Role.HOST, host)
                    : new Known(device.role(), new Paired(device.id(), host, device.role(), party, device.person()));
        });
    }

    /** Whether a phone that was let in still is. */
    @Transactional(readOnly = true)
    boolean isStillIn(Paired phone) {
        return devices.findById(phone.device())
                .filter(device -> !device.isRevoked() && isGood(device, clock.instant()))
                .isPresent();
    }

    private boolean isGood(Device device, Instant now) {
        UUID party = device.partyId();
        return party == null || endsOf(party).filter(now::isBefore).isPresent();
    }

    private Optional<Instant> endsOf(UUID party) {
        return parties.over(hosts.signIn(), party).map(over -> over.plus(AFTER_THE_PARTY));
    }

    /** @throws RefusedException 404 for a party there is none of */
    private Instant ends(SignedIn host, UUID party) {
        parties.state(host, party);
        return endsOf(party).orElseThrow();
    }
}
