package org.livelyladle.server.phones;

import jakarta.servlet.http.HttpServletRequest;
import java.net.URI;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.livelyladle.server.access.Role;
import org.livelyladle.server.access.SignedIn;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Whom the host invites to a party, and who is on what. */
@RestController
@RequestMapping("/api/parties/{id}")
class InvitationController {
    /** @param guest whose invitation it is; for anybody who takes a place when left out */
    record Invite(@Nullable Role role, @Nullable String guest) {}

    private final PairingService service;
    private final Addresses addresses;

    InvitationController(PairingService service, Addresses addresses) {
        this.service = service;
        this.addresses = addresses;
    }

    @GetMapping("/invitations")
    List<InvitationView> list(@AuthenticationPrincipal SignedIn host, @PathVariable UUID id) {
        return service.invitations(host, id);
    }

    @PostMapping("/invitations")
    ResponseEntity<InvitationView> invite(
            @AuthenticationPrincipal SignedIn host,
            @PathVariable UUID id,
            HttpServletRequest request,
            @RequestBody Invite wish) {
        PairingService.Made made = service.invite(host, id, wish.role(), wish.guest());
        InvitationView view = made.view();
        // after the hash, where no server logs it
        String url = addresses.page(request) + "/join#" + made.secret();
        return ResponseEntity.created(URI.create("/api/parties/" + id + "/invitations/" + view.id()))
                .body(new InvitationView(
                        view.id(), view.role(), view.guest(), url, view.created(), view.expires(), view.used()));
    }

    @DeleteMapping("/invitations/{invitation}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void revoke(@AuthenticationPrincipal SignedIn host, @PathVariable UUID id, @PathVariable UUID invitation) {
        service.revokeInvitation(host, id, invitation);
    }

    @GetMapping("/devices")
    List<DeviceView> devices(@AuthenticationPrincipal SignedIn host, @PathVariable UUID id) {
        return service.devices(host, id);
    }

    @PutMapping("/devices/{device}")
    DeviceView seat(
            @AuthenticationPrincipal SignedIn host,
            @PathVariable UUID id,
            @PathVariable UUID device,
            @RequestBody PlaceChoice place) {
        return service.seat(host, id, device, place.guest());
    }

    @DeleteMapping("/devices/{device}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void revokeDevice(@AuthenticationPrincipal SignedIn host, @PathVariable UUID id, @PathVariable UUID device) {
        service.revokeDevice(host, id, device);
    }
}
