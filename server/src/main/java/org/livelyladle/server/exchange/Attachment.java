package org.livelyladle.server.exchange;

import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** An answer a browser saves as a file. */
public final class Attachment {
    private Attachment() {}

    public static <T> ResponseEntity<T> of(String name, MediaType type, T body) {
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString())
                .contentType(type)
                .body(body);
    }
}
