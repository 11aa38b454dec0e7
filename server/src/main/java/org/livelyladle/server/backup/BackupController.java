package org.livelyladle.server.backup;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.livelyladle.server.access.SignedIn;
import org.springframework.http.HttpHeaders;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RestController;

/** All that is kept as one file, and back, over HTTP. */
@RestController
class BackupController {
    private final BackupService service;

    BackupController(BackupService service) {
        this.service = service;
    }

    /** Its manifest comes last: a file that was cut off has none. */
    @GetMapping(path = "/api/backup", produces = "application/zip")
    void backup(@AuthenticationPrincipal SignedIn host, HttpServletResponse response) throws IOException {
        response.setContentType("application/zip");
        response.setHeader(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"lively-ladle-backup.zip\"");
        service.write(host, response.getOutputStream());
    }

    /** Puts a backup in: its household and parties in place of those of the same ids; other parties stay. */
    @PutMapping("/api/backup")
    BackupService.Restored restore(@AuthenticationPrincipal SignedIn host, HttpServletRequest request)
            throws IOException {
        Path file = BackupService.received(request.getInputStream());
        try {
            return service.restore(host, file);
        } finally {
            Files.deleteIfExists(file);
        }
    }
}
