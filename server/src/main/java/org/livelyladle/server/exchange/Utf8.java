package org.livelyladle.server.exchange;

import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import org.livelyladle.core.check.InvalidInputException;

/** Reads files as UTF-8 and nothing else. */
public final class Utf8 {
    private Utf8() {}

    /** @throws InvalidInputException for bytes that are not UTF-8 */
    public static String decode(byte[] file) {
        try {
            return StandardCharsets.UTF_8
                    .newDecoder()
                    .onMalformedInput(CodingErrorAction.REPORT)
                    .decode(ByteBuffer.wrap(file))
                    .toString();
        } catch (CharacterCodingException e) {
            throw new InvalidInputException("file", "not UTF-8", "a text file saved as UTF-8");
        }
    }

    /** The first so many characters, no letter torn in half. */
    public static String start(String text, int most) {
        if (text.length() <= most) {
            return text;
        }
        return text.substring(0, Character.isHighSurrogate(text.charAt(most - 1)) ? most - 1 : most);
    }
}
