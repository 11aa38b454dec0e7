package org.livelyladle.server.phones;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import org.livelyladle.server.web.HomeNetwork;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** Where other devices find this machine. */
@Component
class Addresses {
    private final HomeNetwork network;
    private final String scheme;

    Addresses(HomeNetwork network, @Value("${ladle.lan.tls-cert}") String certificate) {
        this.network = network;
        this.scheme = certificate.isEmpty() ? "http" : "https";
    }

    /** Of the page on the home network; none while only this machine reaches it. */
    List<String> onTheNetwork(HttpServletRequest request) {
        return network.addresses().stream()
                .map(address -> scheme + "://" + address + ":" + request.getLocalPort())
                .toList();
    }

    /** The one to scan; that by which it was asked where there is no other. */
    String page(HttpServletRequest request) {
        return onTheNetwork(request).stream()
                .findFirst()
                .orElseGet(() -> request.getScheme() + "://" + request.getServerName() + ":" + request.getServerPort());
    }

    boolean isOn() {
        return network.isOn();
    }
}
