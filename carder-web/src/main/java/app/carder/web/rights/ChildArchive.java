package app.carder.web.rights;

import app.carder.core.said.Dates;
import app.carder.core.said.Said;
import app.carder.core.wording.NameGuard;
import app.carder.web.children.ChildService;
import app.carder.web.children.ChildView;
import app.carder.web.children.PhotoUse;
import app.carder.web.journal.JournalFiles;
import app.carder.web.journal.JournalFormat;
import app.carder.web.journal.JournalService;
import app.carder.web.journal.JournalSummary;
import app.carder.web.media.PhotoService;
import app.carder.web.media.PhotoService.Size;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HashMap;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.web.util.HtmlUtils;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Everything about one child as an archive: its rows as JSON (docs/child-archive.md), photos, journals as PDF, and a page that reads them
 * out. Names of other children are left out, and photos that show others whose families do not allow that.
 */
@Service
public class ChildArchive {

    private static final JsonMapper JSON =
            JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

    private static final String CARD_TITLE =
            " || jsonb_build_object('card', coalesce((select c.title from card c where c.id = t.card_id), t.card_words, ''))";

    private static final String OF_THE_CHILD =
            "t.id in (select c.observation_id from observation_child c where c.child_id = :child and c.setting_id = :setting)";

    /** What is handed over, and which rows. Secrets of links, drafts of staff and what could be undone are no part of it. */
    private static final List<ChildTables.Table> HANDED_OVER = List.of(
            new ChildTables.Table("child", "t.id = :child"),
            new ChildTables.Table("carer", "t.child_id = :child"),
            new ChildTables.Table("consent_entry", "t.child_id = :child"),
            new ChildTables.Table("attendance", "t.child_id = :child"),
            new ChildTables.Table("observation", OF_THE_CHILD),
            new ChildTables.Table("watch_entry", "t.child_id = :child"),
            new ChildTables.Table("journal", "t.child_id = :child"),
            new ChildTables.Table(
                    "journal_entry", "t.journal_id in (select j.id from journal j where j.child_id = :child)"),
            new ChildTables.Table("reply", "t.child_id = :child"),
            new ChildTables.Table(
                    "read_together", "t.journal_id in (select j.id from journal j where j.child_id = :child)"),
            new ChildTables.Table("home_card", "t.child_id = :child"),
            // What is held apart is for the safeguarding lead to hand over, or not.
            new ChildTables.Table("home_answer", "t.child_id = :child and t.apart_by = ''"),
            new ChildTables.Table("history_entry", "t.subject_id = :child"));

    /** What the server needs for itself. */
    private static final Set<String> NOT_SAID = Set.of(
            "setting_id",
            "version",
            "found_by",
            "language",
            "account_id",
            "key_person_id",
            "device_id",
            "author_id",
            "stored_as",
            "room_id",
            "zone_id",
            "set_up_box",
            "set_up_drawing",
            "set_up_words",
            "measured",
            "card_id",
            "card_words",
            "moves_to",
            "moves_on",
            "peg_mark",
            "medicine_by",
            "former_names",
            "came_from",
            "brought_in",
            "link",
            "deed_salt",
            "person_salt",
            "subject_salt");

    /** Of its form; what an older one was like is told in docs/child-archive.md. */
    static final int VERSION = 2;

    /** What a card was called, where a row was about one. */
    private static final Map<String, String> CARD = Map.of(
            "observation", CARD_TITLE,
            "watch_entry", CARD_TITLE);

    /** Codes and numbers, in which no name stands. */
    private static final Set<String> AS_THEY_ARE = Set.of("given_name", "other_names", "id", "child_id", "medicine_by");

    private final NamedParameterJdbcTemplate database;
    private final ChildService children;
    private final PhotoService photos;
    private final JournalService journals;
    private final JournalFiles journalFiles;
    private final SettingService settings;

    ChildArchive(
            NamedParameterJdbcTemplate database,
            ChildService children,
            PhotoService photos,
            JournalService journals,
            JournalFiles journalFiles,
            SettingService settings) {
        this.database = database;
        this.children = children;
        this.photos = photos;
        this.journals = journals;
        this.journalFiles = journalFiles;
        this.settings = settings;
    }

    /** For whom an archive is. */
    public enum Reader {
        /** What a court has ordered, or one of the family wishes, is not told to the other. */
        FAMILY,
        /** Whoever looks after the child next has to know that too. */
        NEXT_SETTING
    }

    /** One photo: of which observation, and who can be seen in it. */
    private record Picture(UUID id, UUID observation, List<UUID> shown) {}

    /**
     * Writes the archive as a ZIP.
     *
     * @param reader for whom
     * @throws IOException if it cannot be written
     */
    public void write(SettingId settingId, UUID childId, Reader reader, OutputStream out) throws IOException {
        ChildView child = children.get(settingId, childId);
        NameGuard guard = children.guard(settingId, child);
        ObjectNode archive = archive(settingId, child, guard);
        if (reader == Reader.FAMILY) {
            ((ObjectNode) archive.get("child").get(0)).remove("before_sending");
            ArrayNode history = (ArrayNode) archive.get("history_entry");
            history.removeIf(row -> row.path("field").asString("").equals("before sending"));
        }
        StringBuilder sums = new StringBuilder();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            int withheld = 0;
            ArrayNode pictures = archive.putArray("photo");
            Map<UUID, String> files = new HashMap<>();
            for (Picture picture : pictures(settingId, childId)) {
                if (mayBeHandedOver(settingId, childId, picture)) {
                    String name = "photos/" + picture.id() + ".jpg";
                    put(zip, sums, name, photos.picture(settingId, picture.id(), Size.LARGE));
                    files.put(picture.observation(), name);
                    pictures.addObject()
                            .put("id", picture.id().toString())
                            .put("observation_id", picture.observation().toString())
                            .put("file", name);
                } else {
                    withheld++;
                }
            }
            put(zip, sums, "child.json", JSON.writeValueAsBytes(archive));
            for (JournalSummary journal : journals.ofChild(settingId, childId)) {
                if (journal.approved()) {
                    put(
                            zip,
                            sums,
                            "journals/" + journal.startsOn() + "-" + journal.id() + ".pdf",
                            journalFiles.of(settingId, journals.sheet(settingId, journal.id()), JournalFormat.PDF));
                }
            }
            put(
                    zip,
                    sums,
                    "index.html",
                    page(settingId, child, archive, files, withheld).getBytes(StandardCharsets.UTF_8));
            zip.putNextEntry(new ZipEntry("SHA256SUMS"));
            zip.write(sums.toString().getBytes(StandardCharsets.UTF_8));
            zip.closeEntry();
        }
    }

    private ObjectNode archive(SettingId settingId, ChildView child, NameGuard guard) {
        ObjectNode archive = JSON.createObjectNode();
        archive.put("format", "carder-child");
        archive.put("version", VERSION);
        archive.put("setting", settings.get(settingId).name());
        archive.put("made", settings.localNow(settingId).toString());
        for (ChildTables.Table table : HANDED_OVER) {
            ArrayNode rows = archive.putArray(table.name());
            database.queryForList(
                            "select (to_jsonb(t)%s)::text from %s t where t.setting_id = :setting and (%s) order by t.id"
                                    .formatted(CARD.getOrDefault(table.name(), ""), table.name(), table.which()),
                            Map.of("setting", settingId.value(), "child", child.id()),
                            String.class)
                    .forEach(row -> rows.add(said((ObjectNode) JSON.readTree(row), child, guard)));
        }
        return archive;
    }

    private static ObjectNode said(ObjectNode row, ChildView child, NameGuard guard) {
        NOT_SAID.forEach(row::remove);
        row.properties().forEach(column -> {
            JsonNode value = column.getValue();
            if (column.getKey().equals("in_photo")) {
                column.setValue(JSON.createArrayNode());
                if (value.toString().contains(child.id().toString())) {
                    ((ArrayNode) column.getValue()).add(child.id().toString());
                }
            } else if (value.isString() && !AS_THEY_ARE.contains(column.getKey())) {
                column.setValue(JSON.getNodeFactory().stringNode(guard.withoutNames(value.stringValue())));
            }
        });
        return row;
    }

    private List<Picture> pictures(SettingId settingId, UUID childId) {
        return database.query(
                "select p.id, p.observation_id, array_to_string(o.in_photo, ',') as shown from photo p join observation o on o.id = p.observation_id"
                        + " where p.setting_id = :setting and (" + OF_THE_CHILD.replace("t.id", "o.id")
                        + ") order by p.stored_at",
                Map.of("setting", settingId.value(), "child", childId),
                (row, number) -> new Picture(
                        UUID.fromString(row.getString("id")),
                        UUID.fromString(row.getString("observation_id")),
                        List.of(row.getString("shown").split(",")).stream()
                                .filter(id -> !id.isEmpty())
                                .map(UUID::fromString)
                                .toList()));
    }

    /** One of things, of the child alone, or with others whose families allow them in journals of other children. */
    private boolean mayBeHandedOver(SettingId settingId, UUID childId, Picture picture) {
        List<UUID> others =
                picture.shown().stream().filter(id -> !id.equals(childId)).toList();
        return children.byId(settingId, others).values().stream()
                        .filter(other -> other.allows(PhotoUse.OTHERS_JOURNALS))
                        .count()
                == others.size();
    }

    private String page(
            SettingId settingId, ChildView child, ObjectNode archive, Map<UUID, String> files, int withheld) {
        StringBuilder page = new StringBuilder();
        page.append("<!DOCTYPE html><html lang=\"en\"><head><meta charset=\"utf-8\"><title>")
                .append(text(Said.say("archive.title", child.name())))
                .append("</title></head><body><h1>")
                .append(text(Said.say("archive.title", child.name())))
                .append("</h1><p>")
                .append(text(Said.say(
                        "archive.made-by", settings.get(settingId).name(), Dates.day(settings.today(settingId)))))
                .append("</p><p>")
                .append(text(Said.say("archive.what-is-left-out", withheld)))
                .append("</p>");
        archive.get("observation").forEach(row -> {
            page.append("<article><h2>")
                    .append(text(row.path("observed_at").asString("").replaceFirst("T.*", "")))
                    .append("</h2><p>")
                    .append(text(row.path("note").asString("")))
                    .append("</p>");
            String file = files.get(UUID.fromString(row.path("id").asString()));
            if (file != null) {
                page.append("<img src=\"").append(file).append("\" alt=\"\" width=\"480\">");
            }
            page.append("</article>");
        });
        return page.append("</body></html>").toString();
    }

    private static String text(String said) {
        return HtmlUtils.htmlEscape(said, StandardCharsets.UTF_8.name());
    }

    private static void put(ZipOutputStream zip, StringBuilder sums, String name, byte[] content) throws IOException {
        zip.putNextEntry(new ZipEntry(name));
        zip.write(content);
        zip.closeEntry();
        try {
            sums.append(HexFormat.of()
                            .formatHex(MessageDigest.getInstance("SHA-256").digest(content)))
                    .append("  ")
                    .append(name)
                    .append('\n');
        } catch (NoSuchAlgorithmException everyJavaHasIt) {
            throw new IllegalStateException("Impossible state: no SHA-256.", everyJavaHasIt);
        }
    }
}
