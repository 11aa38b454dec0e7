package org.livelyladle.server.web;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.check.InvalidInputException;
import org.springframework.http.HttpStatus;

/** The revision an edit was made on, as {@code If-Match} names it. */
public final class Revision {
    private static final Pattern ETAG = Pattern.compile("\"(\\d{1,9})\"");

    private Revision() {}

    public static int of(@Nullable String ifMatch) {
        if (ifMatch == null) {
            throw new RefusedException(
                    HttpStatus.PRECONDITION_REQUIRED, "Name the revision you edit in If-Match, such as \"3\".");
        }
        Matcher matcher = ETAG.matcher(ifMatch);
        if (!matcher.matches()) {
            throw new InvalidInputException("If-Match", ifMatch, "a revision in quotes such as \"3\"");
        }
        return Integer.parseInt(matcher.group(1));
    }
}
