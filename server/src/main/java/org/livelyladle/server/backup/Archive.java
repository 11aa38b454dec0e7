package org.livelyladle.server.backup;

import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import java.util.Enumeration;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import org.livelyladle.core.check.InvalidInputException;

/**
 * The entries of a zip file that may be anything: only names a backup has, each once, none larger unpacked than it may be.
 * Nothing is unpacked to the disk.
 */
final class Archive implements AutoCloseable {
    static final String MANIFEST = "manifest.json";
    static final String HOUSEHOLD = "household.json";
    private static final Pattern PARTY = Pattern.compile("parties/[0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12}\\.json");
    private static final int MOST_ENTRIES = 10_000;
    /** Unpacked, one entry and all of them [bytes]. */
    private static final long MOST_ENTRY_BYTES = 256L << 20;

    private static final long MOST_BYTES = 2L << 30;

    private final ZipFile zip;
    private final Map<String, ZipEntry> entries = new LinkedHashMap<>();
    private long unpacked;

    private Archive(ZipFile zip) {
        this.zip = zip;
        Enumeration<? extends ZipEntry> all = zip.entries();
        while (all.hasMoreElements()) {
            ZipEntry entry = all.nextElement();
            String name = entry.getName();
            if (!name.equals(MANIFEST)
                    && !name.equals(HOUSEHOLD)
                    && !PARTY.matcher(name).matches()) {
                throw new InvalidInputException(name, "in the file", MANIFEST + ", " + HOUSEHOLD + " and parties only");
            }
            if (entries.put(name, entry) != null) {
                throw new InvalidInputException(name, "twice", "each part once");
            }
            if (entries.size() > MOST_ENTRIES) {
                throw new InvalidInputException("file", "more", "at most " + MOST_ENTRIES + " parts");
            }
        }
    }

    static Archive open(Path file) throws IOException {
        try {
            return new Archive(new ZipFile(file.toFile()));
        } catch (ZipException e) {
            throw new InvalidInputException("file", "cut off, or no zip file", "a backup as this program wrote it");
        }
    }

    static String partyName(Object id) {
        return "parties/" + id + ".json";
    }

    Set<String> names() {
        return entries.keySet();
    }

    /** What is in an entry; it ends with an error where it unpacks to more than it may. */
    InputStream read(String name) throws IOException {
        ZipEntry entry = entries.get(name);
        if (entry == null) {
            throw new InvalidInputException(name, "missing", "the part the manifest names");
        }
        return new Counted(zip.getInputStream(entry), name);
    }

    /** Before it is gone through once more. */
    void again() {
        unpacked = 0;
    }

    @Override
    public void close() throws IOException {
        zip.close();
    }

    private final class Counted extends FilterInputStream {
        private final String name;
        private long own;

        Counted(InputStream in, String name) {
            super(in);
            this.name = name;
        }

        @Override
        public int read() throws IOException {
            int value = in.read();
            count(value < 0 ? 0 : 1);
            return value;
        }

        @Override
        public int read(byte[] buffer, int offset, int length) throws IOException {
            int count = in.read(buffer, offset, length);
            count(Math.max(0, count));
            return count;
        }

        private void count(int bytes) {
            own += bytes;
            unpacked += bytes;
            if (own > MOST_ENTRY_BYTES || unpacked > MOST_BYTES) {
                throw new InvalidInputException(
                        name, "too large", (MOST_ENTRY_BYTES >> 20) + " MB a part once it is unpacked");
            }
        }
    }
}
