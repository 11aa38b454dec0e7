package org.livelyladle.server.web;

import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.RequestMapping;

/** Whatever fails outside the controllers is a problem like any other. */
@Controller
class ErrorPage implements ErrorController {
    @RequestMapping("/error")
    void error(HttpServletRequest request, HttpServletResponse response) throws IOException {
        if (request.getAttribute(RequestDispatcher.ERROR_EXCEPTION) instanceof Throwable failure) {
            Failures failed = Failures.of(failure);
            failed.retryAfter().ifPresent(seconds -> response.setHeader(HttpHeaders.RETRY_AFTER, seconds));
            Refusal.write(response, failed.status().value(), failed.detail());
            return;
        }
        // asked for by its own name there is nothing here
        int status = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE) instanceof Integer code
                ? code
                : HttpStatus.NOT_FOUND.value();
        Refusal.write(response, status, detail(status));
    }

    private static String detail(int status) {
        return switch (status) {
            case 400 -> "The request cannot be read: its address or headers are not as HTTP has them.";
            case 401, 403 -> "This request is not allowed here.";
            case 404 -> "There is nothing at this address.";
            case 405 -> "This address takes another method.";
            default -> "The request could not be answered.";
        };
    }
}
