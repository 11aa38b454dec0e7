package org.livelyladle.server.backup;

import java.util.List;
import org.livelyladle.core.check.Check;
import org.livelyladle.core.check.InvalidInputException;

/**
 * What a backup holds.
 *
 * @param format always {@value #FORMAT}
 * @param formatVersion always {@value #VERSION}
 */
record Manifest(String format, int formatVersion, List<Part> parts) {
    static final String FORMAT = "lively-ladle/backup";
    static final int VERSION = 1;
    private static final int MOST_PARTS = 10_000;

    /** A part, and the SHA-256 of what is in it, in hexadecimal digits. */
    record Part(String name, String sha256) {
        Part {
            Check.present(name, "name");
            Check.present(sha256, "sha256");
        }
    }

    Manifest {
        if (!FORMAT.equals(format)) {
            throw new InvalidInputException("format", String.valueOf(format), "'" + FORMAT + "'");
        }
        Check.range(formatVersion, "formatVersion", VERSION, VERSION);
        parts = Check.distinct(parts, "parts", MOST_PARTS, Part::name);
    }
}
