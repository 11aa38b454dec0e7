package org.livelyladle.server.web;

import jakarta.servlet.ServletException;
import java.io.IOException;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.core.StandardHost;
import org.apache.catalina.valves.ErrorReportValve;
import org.apache.catalina.valves.ValveBase;
import org.springframework.boot.tomcat.ConfigurableTomcatWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.annotation.Configuration;

/**
 * What Tomcat refuses before any filter sees it is a problem too, not a page of its own; and each request knows whether
 * whoever sent it still waits.
 */
@Configuration
class PlainTomcat implements WebServerFactoryCustomizer<ConfigurableTomcatWebServerFactory> {
    @Override
    public void customize(ConfigurableTomcatWebServerFactory factory) {
        factory.addContextCustomizers(context -> {
            if (context.getParent() instanceof StandardHost host) {
                host.setErrorReportValveClass(ProblemValve.class.getName());
            }
            context.getPipeline().addValve(new CallerValve());
        });
    }

    /** Made by Tomcat, by its name. */
    public static final class ProblemValve extends ErrorReportValve {
        @Override
        protected void report(Request request, Response response, Throwable throwable) {
            if (response.getStatus() < 400 || response.getContentWritten() > 0 || !response.setErrorReported()) {
                return;
            }
            try {
                Refusal.write(
                        response.getResponse(),
                        response.getStatus(),
                        "The request cannot be read: its address or headers are not as HTTP has them.");
                response.finishResponse();
            } catch (IOException e) {
                // whoever asked is gone
                container.getLogger().debug("No answer to a request that cannot be read", e);
            }
        }
    }

    private static final class CallerValve extends ValveBase {
        CallerValve() {
            super(true);
        }

        @Override
        public void invoke(Request request, Response response) throws IOException, ServletException {
            Caller.remember(request);
            getNext().invoke(request, response);
        }
    }
}
