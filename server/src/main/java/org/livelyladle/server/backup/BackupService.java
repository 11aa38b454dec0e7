package org.livelyladle.server.backup;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.DigestInputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.HexFormat;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipOutputStream;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.check.InvalidInputException;
import org.livelyladle.core.household.Household;
import org.livelyladle.core.household.HouseholdCheck;
import org.livelyladle.server.access.SignedIn;
import org.livelyladle.server.afterwards.JournalService;
import org.livelyladle.server.household.HouseholdService;
import org.livelyladle.server.party.PartyArchive;
import org.livelyladle.server.party.PartyHistory;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/**
 * Writes all that is kept as one zip file of open documents, and puts such a file back: gone through once from end to end
 * before anything is replaced, then put in within one transaction. The same things kept give the same bytes.
 */
@Service
class BackupService {
    private final PartyArchive parties;
    private final HouseholdService households;
    private final JournalService journals;
    private final Catalogue catalogue;
    private final JsonMapper mapper;
    private final TransactionTemplate transaction;

    /** What a file brought. */
    record Restored(int parties, int revisions, int events) {}

    BackupService(
            PartyArchive parties,
            HouseholdService households,
            JournalService journals,
            Catalogue catalogue,
            JsonMapper mapper,
            TransactionTemplate transaction) {
        this.parties = parties;
        this.households = households;
        this.journals = journals;
        this.catalogue = catalogue;
        this.mapper = mapper;
        this.transaction = transaction;
    }

    void write(SignedIn host, OutputStream out) throws IOException {
        List<Manifest.Part> parts = new ArrayList<>();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            parts.add(add(zip, Archive.HOUSEHOLD, households.get(host).household()));
            for (UUID id : parties.all(host)) {
                PartyHistory history =
                        parties.history(host, id, journals.said(id).orElse(null));
                parts.add(add(zip, Archive.partyName(id), history));
            }
            add(zip, Archive.MANIFEST, new Manifest(Manifest.FORMAT, Manifest.VERSION, parts));
        }
    }

    private Manifest.Part add(ZipOutputStream zip, String name, Object document) throws IOException {
        byte[] json = mapper.writeValueAsBytes(document);
        ZipEntry entry = new ZipEntry(name);
        entry.setTime(0);
        zip.putNextEntry(entry);
        zip.write(json);
        zip.closeEntry();
        return new Manifest.Part(name, HexFormat.of().formatHex(sha256().digest(json)));
    }

    /** @param file of whoever sent it; anything may be in it */
    Restored restore(SignedIn host, Path file) throws IOException {
        try (Archive archive = Archive.open(file)) {
            Household household = check(host, archive);
            archive.again();
            return transaction.execute(status -> put(host, archive, household));
        }
    }

    private Household check(SignedIn host, Archive archive) throws IOException {
        Manifest manifest = read(archive, Archive.MANIFEST, Manifest.class);
        Set<String> unnamed = new HashSet<>(archive.names());
        unnamed.remove(Archive.MANIFEST);
        for (Manifest.Part part : manifest.parts()) {
            unnamed.remove(part.name());
            verify(archive, part);
            if (!part.name().equals(Archive.HOUSEHOLD)) {
                PartyHistory history = read(archive, part.name(), PartyHistory.class);
                if (!part.name().equals(Archive.partyName(history.id()))) {
                    throw new InvalidInputException(part.name(), "of " + history.id(), "the party of that name");
                }
                parties.check(host, history);
            }
        }
        if (!unnamed.isEmpty()) {
            throw new InvalidInputException(unnamed.iterator().next(), "in the file", "what the manifest names");
        }
        Household household = read(archive, Archive.HOUSEHOLD, Household.class);
        HouseholdCheck.check(household, catalogue);
        return household;
    }

    private static void verify(Archive archive, Manifest.Part part) throws IOException {
        MessageDigest digest = sha256();
        try (InputStream in = new DigestInputStream(archive.read(part.name()), digest)) {
            in.transferTo(OutputStream.nullOutputStream());
        } catch (ZipException e) {
            throw damaged(part.name());
        }
        if (!HexFormat.of().formatHex(digest.digest()).equals(part.sha256())) {
            throw damaged(part.name());
        }
    }

    private <T> T read(Archive archive, String name, Class<T> type) throws IOException {
        try (InputStream in = archive.read(name)) {
            return mapper.readValue(in, type);
        } catch (ZipException e) {
            throw damaged(name);
        } catch (JacksonException e) {
            if (e.getCause() instanceof InvalidInputException invalid) {
                throw new InvalidInputException(name + " " + invalid.field(), invalid.was(), invalid.accepted());
            }
            throw new InvalidInputException(name, e.getOriginalMessage(), "a part as this program wrote it");
        }
    }

    private static InvalidInputException damaged(String name) {
        return new InvalidInputException(name, "damaged", "what the manifest says of it; nothing was changed");
    }

    private Restored put(SignedIn host, Archive archive, Household household) {
        int revision = households.putBack(host, household).revision();
        int count = 0;
        int revisions = 0;
        int events = 0;
        for (String name : archive.names()) {
            if (!name.equals(Archive.MANIFEST) && !name.equals(Archive.HOUSEHOLD)) {
                PartyHistory history = history(archive, name);
                parties.put(host, history, revision);
                journals.replace(history.id(), history.journal());
                count++;
                revisions += history.revisions().size();
                events += history.events().size();
            }
        }
        return new Restored(count, revisions, events);
    }

    private PartyHistory history(Archive archive, String name) {
        try {
            return read(archive, name, PartyHistory.class);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static MessageDigest sha256() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }

    /** A file of its own for what is sent, away once it is done with. */
    static Path received(InputStream body) throws IOException {
        Path file = Files.createTempFile("ladle-backup", ".zip");
        try (OutputStream out = Files.newOutputStream(file)) {
            body.transferTo(out);
            return file;
        } catch (IOException | RuntimeException e) {
            Files.deleteIfExists(file);
            throw e;
        }
    }
}
