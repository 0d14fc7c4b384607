package app.carder.web.rights;

import java.io.Closeable;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HashMap;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** The archive of a child, as docs/child-archive.md tells of it, read with nothing in it taken for granted. */
final class ArchiveFile implements Closeable {

    private static final JsonMapper JSON = new JsonMapper();
    private static final int MOST_FILES = 5000;
    private static final long MOST_JSON = 50_000_000;
    private static final long MOST_OF_A_FILE = 100_000_000;
    private static final long MOST_UNPACKED = 2_000_000_000;
    private static final String SUMS = "SHA256SUMS";
    private static final String WORDS = "child.json";

    private final ZipFile zip;
    private final ObjectNode json;

    /** Why an archive is not taken. */
    static final class Refused extends Exception {

        private static final long serialVersionUID = 1;

        private final String code;

        Refused(String code) {
            super(code);
            this.code = code;
        }

        /** Of the message. */
        String code() {
            return code;
        }
    }

    private ArchiveFile(ZipFile zip, ObjectNode json) {
        this.zip = zip;
        this.json = json;
    }

    /**
     * Opens one, and holds every file to its sum.
     *
     * @throws Refused if it is none, is damaged, or is larger than any honest one
     */
    static ArchiveFile open(Path path) throws Refused {
        ZipFile zip;
        try {
            zip = new ZipFile(path.toFile());
        } catch (IOException none) {
            throw new Refused("intake.not-an-archive");
        }
        try {
            Map<String, String> sums = sums(zip);
            long whole = 0;
            for (ZipEntry entry : zip.stream().toList()) {
                if (!entry.getName().equals(SUMS)) {
                    whole += checked(zip, entry, sums, MOST_UNPACKED - whole);
                }
            }
            if (!(JSON.readTree(bytes(zip, WORDS, MOST_JSON)) instanceof ObjectNode json)
                    || !json.path("format").asString("").equals("carder-child")
                    || json.path("child").size() != 1) {
                throw new Refused("intake.not-an-archive");
            }
            if (json.path("version").asInt(0) > ChildArchive.VERSION) {
                throw new Refused("intake.newer");
            }
            return new ArchiveFile(zip, json);
        } catch (IOException | JacksonException | IllegalArgumentException broken) {
            close(zip);
            throw new Refused("intake.damaged");
        } catch (Refused refused) {
            close(zip);
            throw refused;
        }
    }

    private static void close(ZipFile zip) {
        try {
            zip.close();
        } catch (IOException nothingIsLost) {
            throw new IllegalStateException("An archive could not be closed.", nothingIsLost);
        }
    }

    private static Map<String, String> sums(ZipFile zip) throws IOException, Refused {
        if (zip.size() > MOST_FILES) {
            throw new Refused("intake.too-large");
        }
        Map<String, String> sums = new HashMap<>();
        for (String line : new String(bytes(zip, SUMS, MOST_JSON), StandardCharsets.UTF_8)
                .lines()
                .toList()) {
            String[] parts = line.split("  ", 2);
            if (parts.length == 2) {
                sums.put(parts[1], parts[0]);
            }
        }
        return sums;
    }

    /** How long it is; what it says of itself is not believed. */
    private static long checked(ZipFile zip, ZipEntry entry, Map<String, String> sums, long most)
            throws IOException, Refused {
        MessageDigest digest = sha256();
        long length = 0;
        try (InputStream in = zip.getInputStream(entry)) {
            byte[] some = new byte[16_384];
            for (int read = in.read(some); read >= 0; read = in.read(some)) {
                length += read;
                if (length > Math.min(most, MOST_OF_A_FILE)) {
                    throw new Refused("intake.too-large");
                }
                digest.update(some, 0, read);
            }
        }
        if (!HexFormat.of().formatHex(digest.digest()).equals(sums.get(entry.getName()))) {
            throw new Refused("intake.damaged");
        }
        return length;
    }

    private static MessageDigest sha256() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException everyJavaHasIt) {
            throw new IllegalStateException("Impossible state: no SHA-256.", everyJavaHasIt);
        }
    }

    private static byte[] bytes(ZipFile zip, String name, long most) throws IOException, Refused {
        ZipEntry entry = zip.getEntry(name);
        if (entry == null) {
            throw new Refused("intake.not-an-archive");
        }
        try (InputStream in = zip.getInputStream(entry)) {
            byte[] all = in.readNBytes((int) most + 1);
            if (all.length > most) {
                throw new Refused("intake.too-large");
            }
            return all;
        } catch (ZipException broken) {
            throw new Refused("intake.damaged");
        }
    }

    /** Its words. */
    ObjectNode json() {
        return json;
    }

    /** The one row about the child. */
    ObjectNode child() {
        return (ObjectNode) json.path("child").get(0);
    }

    /** Rows of a kind; none where it has none. */
    List<ObjectNode> rows(String table) {
        return json.path(table)
                .valueStream()
                .filter(JsonNode::isObject)
                .map(ObjectNode.class::cast)
                .toList();
    }

    /**
     * A picture.
     *
     * @throws IOException if it cannot be read
     * @throws Refused if it is not there, or too large
     */
    byte[] picture(String name, long most) throws IOException, Refused {
        return bytes(zip, name, most);
    }

    @Override
    public void close() throws IOException {
        zip.close();
    }
}
