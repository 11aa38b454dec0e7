package org.livelyladle.server.phones;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.UUID;
import org.livelyladle.server.access.SignedIn;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The host's further devices, and where this machine is found. */
@RestController
@RequestMapping("/api")
class DeviceController {
    /**
     * @param on whether other devices reach this machine at all
     * @param addresses of the page on the home network
     */
    record NetworkView(boolean on, List<String> addresses) {}

    private final PairingService service;
    private final HostCode codes;
    private final Addresses addresses;

    DeviceController(PairingService service, HostCode codes, Addresses addresses) {
        this.service = service;
        this.codes = codes;
        this.addresses = addresses;
    }

    @GetMapping("/network")
    NetworkView network(HttpServletRequest request) {
        return new NetworkView(addresses.isOn(), addresses.onTheNetwork(request));
    }

    @GetMapping("/devices")
    List<DeviceView> devices(@AuthenticationPrincipal SignedIn host) {
        return service.hostDevices(host);
    }

    /** The code that is good now, for a page that shows it; another one once it was used, over, or five were tried. */
    @PostMapping("/devices/code")
    CodeView code(@AuthenticationPrincipal SignedIn host) {
        return codes.show(host);
    }

    @DeleteMapping("/devices/{device}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void revoke(@AuthenticationPrincipal SignedIn host, @PathVariable UUID device) {
        service.revokeHostDevice(host, device);
    }
}
