package org.livelyladle.server.web;

import java.net.InetAddress;
import java.time.Duration;
import java.util.Objects;
import org.apache.catalina.connector.Connector;
import org.apache.coyote.http11.AbstractHttp11Protocol;
import org.apache.tomcat.util.net.SSLHostConfig;
import org.apache.tomcat.util.net.SSLHostConfigCertificate;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.tomcat.autoconfigure.TomcatServerProperties;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.boot.web.server.autoconfigure.ServerProperties;
import org.springframework.context.annotation.Configuration;

/** Listens on each private address of this machine too, by the certificate somebody has for it; loopback stays as it is. */
@Configuration
class LanConnectors implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
    /** Twenty phones ask at once when something happens. */
    private static final int MOST_THREADS = 100;

    private final HomeNetwork network;
    private final ServerProperties server;
    private final TomcatServerProperties tomcat;
    private final String certificate;
    private final String key;

    LanConnectors(
            HomeNetwork network,
            ServerProperties server,
            TomcatServerProperties tomcat,
            @Value("${ladle.lan.tls-cert}") String certificate,
            @Value("${ladle.lan.tls-key}") String key) {
        this.network = network;
        this.server = server;
        this.tomcat = tomcat;
        this.certificate = certificate;
        this.key = key;
    }

    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        network.own().stream().map(this::connector).forEach(factory::addAdditionalConnectors);
    }

    private Connector connector(InetAddress address) {
        Connector connector = new Connector("HTTP/1.1");
        connector.setPort(Objects.requireNonNull(server.getPort()));
        AbstractHttp11Protocol<?> protocol = (AbstractHttp11Protocol<?>) connector.getProtocolHandler();
        protocol.setAddress(address);
        protocol.setMaxThreads(MOST_THREADS);
        protocol.setConnectionTimeout(millis(tomcat.getConnectionTimeout()));
        protocol.setKeepAliveTimeout(millis(tomcat.getKeepAliveTimeout()));
        protocol.setCompression("on");
        protocol.setCompressibleMimeType(
                String.join(",", server.getCompression().getMimeTypes()));
        if (!certificate.isEmpty()) {
            connector.setScheme("https");
            connector.setSecure(true);
            protocol.setSSLEnabled(true);
            SSLHostConfig host = new SSLHostConfig();
            SSLHostConfigCertificate own = new SSLHostConfigCertificate(host, SSLHostConfigCertificate.Type.UNDEFINED);
            own.setCertificateFile(certificate);
            own.setCertificateKeyFile(key);
            host.addCertificate(own);
            protocol.addSslHostConfig(host);
        }
        return connector;
    }

    private static int millis(Duration duration) {
        return (int) duration.toMillis();
    }
}
