package app.carder.web.rights;

import app.carder.web.account.Viewer;
import app.carder.web.children.ChildService;
import app.carder.web.children.PegMark;
import app.carder.web.media.PhotoRefused;
import app.carder.web.media.PhotoService;
import app.carder.web.page.LimitProperties;
import app.carder.web.room.RoomView;
import app.carder.web.setting.SettingId;
import java.io.IOException;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.io.ByteArrayResource;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionOperations;
import tools.jackson.databind.node.ObjectNode;

/**
 * Takes in the archive of a child that comes from another setting. Records are as they were. What the new setting has to find out by itself is
 * not taken over: room, peg mark, key person, days of coming and going, who may fetch, whether the family was asked about allergies here; and
 * answers about photos were given to the other setting: they can be read, and hold nothing here.
 */
@Service
public class ArchiveIntake {

    /** In the order in which they go in, each with the columns that name a row of the archive, by its kind. */
    private static final Map<String, Map<String, String>> TABLES = new LinkedHashMap<>();

    static {
        TABLES.put("child", Map.of());
        TABLES.put("carer", Map.of());
        TABLES.put("consent_entry", Map.of("carer_id", "carer"));
        TABLES.put("attendance", Map.of());
        TABLES.put("observation", Map.of());
        TABLES.put("watch_entry", Map.of());
        TABLES.put("journal", Map.of());
        TABLES.put("journal_entry", Map.of("journal_id", "journal", "observation_id", "observation"));
        TABLES.put("reply", Map.of("journal_id", "journal"));
        TABLES.put("read_together", Map.of("journal_id", "journal", "carer_id", "carer"));
        TABLES.put("home_card", Map.of("carer_id", "carer"));
        TABLES.put(
                "home_answer",
                Map.of("home_card_id", "home_card", "carer_id", "carer", "observation_id", "observation"));
        TABLES.put("history_entry", Map.of());
    }

    /** Whatever an archive says of these, it is not taken over. */
    private static final Set<String> NEVER = Set.of(
            "setting_id",
            "version",
            "account_id",
            "key_person_id",
            "found_by",
            "link",
            "deed_salt",
            "person_salt",
            "subject_salt",
            "zone_id",
            // Drawings are SVG: in a file from elsewhere one could hold a script.
            "set_up_box",
            "set_up_drawing",
            "set_up_words",
            "measured",
            "card_id",
            "seen_by");

    /** Of the child itself. */
    private static final Set<String> NEVER_OF_THE_CHILD = Set.of(
            "former_names",
            "moves_to",
            "moves_on",
            "starts_on",
            "ends_on",
            "may_fetch",
            "medicine_by",
            "consent_own_journal",
            "consent_others_journals",
            "consent_display",
            "own_journal_until",
            "others_journals_until",
            "display_until",
            "died_on");

    private static final Logger LOG = LoggerFactory.getLogger(ArchiveIntake.class);

    private final NamedParameterJdbcTemplate database;
    private final ChildService children;
    private final PhotoService photos;
    private final IntakeCheck check;
    private final LimitProperties limits;
    private final TransactionOperations transaction;

    ArchiveIntake(
            NamedParameterJdbcTemplate database,
            ChildService children,
            PhotoService photos,
            IntakeCheck check,
            LimitProperties limits,
            TransactionOperations transaction) {
        this.database = database;
        this.children = children;
        this.photos = photos;
        this.check = check;
        this.limits = limits;
        this.transaction = transaction;
    }

    /**
     * What is in an archive.
     *
     * @param name of the child
     * @param bornOn its birthday; absent where it cannot be read
     * @param from the setting that it comes from
     * @param counts rows by kind, those of which there is none left out
     * @param isHere whether these very records are on this server already
     * @param isAlike whether a child of that name and birthday is in this setting
     */
    record Preview(
            String name,
            Optional<LocalDate> bornOn,
            String from,
            Map<String, Integer> counts,
            boolean isHere,
            boolean isAlike) {}

    /**
     * What was taken in.
     *
     * @param childId the child
     * @param unread pictures that could not be read, or are too large
     */
    record Taken(UUID childId, int unread) {}

    /** Looks into an archive. Nothing is changed. */
    Preview preview(SettingId settingId, ArchiveFile archive) throws ArchiveFile.Refused {
        ObjectNode child = archive.child();
        Map<String, Integer> counts = new LinkedHashMap<>();
        TABLES.keySet().stream().filter(table -> !table.equals("child")).forEach(table -> {
            int rows = archive.rows(table).size();
            if (rows > 0) {
                counts.put(table, rows);
            }
        });
        int pictures = archive.rows("photo").size();
        if (pictures > 0) {
            counts.put("photo", pictures);
        }
        String name = child.path("given_name").asString("");
        Optional<LocalDate> bornOn = day(child.path("born_on").asString(""));
        UUID id = id(child, "id");
        return new Preview(
                name,
                bornOn,
                archive.json().path("setting").asString(""),
                counts,
                exists("select count(*) from child where id = :id", Map.of("id", id)),
                exists(
                        "select count(*) from child where setting_id = :setting and lower(given_name) = lower(:name)"
                                + " and born_on = :born",
                        Map.of(
                                "setting",
                                settingId.value(),
                                "name",
                                name,
                                "born",
                                bornOn.orElse(LocalDate.MIN.withYear(1)))));
    }

    private boolean exists(String sql, Map<String, Object> given) {
        Integer found = database.queryForObject(sql, given, Integer.class);
        return found != null && found > 0;
    }

    private static Optional<LocalDate> day(String text) {
        try {
            return Optional.of(LocalDate.parse(text));
        } catch (DateTimeParseException none) {
            return Optional.empty();
        }
    }

    private static UUID id(ObjectNode row, String column) throws ArchiveFile.Refused {
        try {
            return UUID.fromString(row.path(column).asString(""));
        } catch (IllegalArgumentException none) {
            throw new ArchiveFile.Refused("intake.damaged");
        }
    }

    /**
     * Takes an archive in: all of its words or nothing, and then picture by picture.
     *
     * @throws ArchiveFile.Refused if its records cannot be read, or are here already
     */
    Taken take(Viewer viewer, RoomView room, ArchiveFile archive) throws ArchiveFile.Refused {
        UUID child = id(archive.child(), "id");
        PegMark mark = children.freeMark(viewer.settingId(), room.id())
                .orElseThrow(() -> new ArchiveFile.Refused("intake.no-mark"));
        List<Map.Entry<String, ObjectNode>> rows = rows(viewer, room, archive, child, mark);
        try {
            transaction.executeWithoutResult(status -> {
                rows.forEach(row -> insert(row.getKey(), row.getValue()));
                check.readThrough(viewer.settingId(), child);
            });
        } catch (DataAccessException | IllegalArgumentException | IllegalStateException unreadable) {
            // What it says may hold words about the child.
            LOG.info(
                    "An archive could not be taken in: {}",
                    unreadable.getClass().getSimpleName());
            throw new ArchiveFile.Refused("intake.unreadable");
        }
        return new Taken(child, pictures(viewer.settingId(), archive));
    }

    private List<Map.Entry<String, ObjectNode>> rows(
            Viewer viewer, RoomView room, ArchiveFile archive, UUID child, PegMark mark) throws ArchiveFile.Refused {
        List<Map.Entry<String, ObjectNode>> rows = new ArrayList<>();
        Map<String, Set<UUID>> ids = new HashMap<>();
        for (Map.Entry<String, Map<String, String>> table : TABLES.entrySet()) {
            Set<UUID> own = new HashSet<>();
            ids.put(table.getKey(), own);
            for (ObjectNode row : archive.rows(table.getKey())) {
                own.add(id(row, "id"));
                for (Map.Entry<String, String> named : table.getValue().entrySet()) {
                    // What is named must have come in before, in this archive: nothing of anybody else's here can be
                    // named.
                    if (row.hasNonNull(named.getKey())
                            && !ids.getOrDefault(named.getValue(), Set.of()).contains(id(row, named.getKey()))) {
                        throw new ArchiveFile.Refused("intake.damaged");
                    }
                }
                rows.add(Map.entry(table.getKey(), ours(viewer, room, table.getKey(), row, child, archive, mark)));
                if (table.getKey().equals("observation")) {
                    ObjectNode of = row.objectNode();
                    of.put("id", UUID.randomUUID().toString())
                            .put("setting_id", viewer.settingId().toString())
                            .put("observation_id", row.path("id").asString())
                            .put("child_id", child.toString())
                            .put("observed_at", row.path("observed_at").asString(""));
                    rows.add(Map.entry("observation_child", of));
                }
            }
        }
        return rows;
    }

    /** A row as it stands here: whatever it says, it is of this child and this setting. */
    private ObjectNode ours(
            Viewer viewer,
            RoomView room,
            String table,
            ObjectNode given,
            UUID child,
            ArchiveFile archive,
            PegMark mark) {
        ObjectNode row = given.deepCopy();
        NEVER.forEach(row::remove);
        String card = row.path("card").asString("");
        row.remove("card");
        row.put("setting_id", viewer.settingId().toString());
        switch (table) {
            case "child" -> {
                NEVER_OF_THE_CHILD.forEach(row::remove);
                row.put("version", 0)
                        .put("room_id", room.id().toString())
                        .put("peg_mark", mark.name())
                        .put("may_fetch", "")
                        .put("before_sending", given.path("before_sending").asString(""))
                        .put("allergies_asked", false)
                        .put("consent_own_journal", false)
                        .put("consent_others_journals", false)
                        .put("consent_display", false)
                        .put("came_from", archive.json().path("setting").asString(""));
                row.putArray("medicine_by");
            }
            case "consent_entry" -> row.put("child_id", child.toString()).put("brought_in", true);
            case "attendance" ->
                row.put("version", 0)
                        .put("child_id", child.toString())
                        .put("room_id", room.id().toString());
            case "observation" -> {
                row.put("version", 0)
                        .put("room_id", room.id().toString())
                        .put("author_id", viewer.personId().toString())
                        .put("language", room.language().stored())
                        .put("card_words", card);
                boolean isShown = row.path("in_photo").size() > 0;
                row.putArray("in_photo");
                if (isShown) {
                    row.withArray("in_photo").add(child.toString());
                }
            }
            case "watch_entry" ->
                row.put("child_id", child.toString())
                        .put("room_id", room.id().toString())
                        .put("author_id", viewer.personId().toString())
                        .put("device_id", row.path("id").asString())
                        .put("card_words", card);
            case "journal" -> row.put("version", 0).put("child_id", child.toString());
            case "reply", "home_answer" -> row.put("child_id", child.toString()).put("seen_by", "");
            case "home_card" -> row.put("child_id", child.toString());
            case "history_entry" -> row.put("subject_id", child.toString()).put("subject_kind", "child");
            case "carer" -> row.put("child_id", child.toString());
            default -> {
                // Names a row that is the child's.
            }
        }
        return row;
    }

    /** Fields that the table has not are left out, as the description of the archive says. */
    private void insert(String table, ObjectNode row) {
        Set<String> columns = new LinkedHashSet<>(database.queryForList(
                "select column_name from information_schema.columns where table_schema = 'public' and table_name = :table and is_generated = 'NEVER'",
                Map.of("table", table),
                String.class));
        columns.retainAll(new HashSet<>(row.propertyNames()));
        String list = String.join(", ", columns);
        database.update(
                "insert into %1$s (%2$s) select %2$s from jsonb_populate_record(null::%1$s, cast(:row as jsonb))"
                        .formatted(table, list),
                Map.of("row", row.toString()));
    }

    private int pictures(SettingId settingId, ArchiveFile archive) {
        int unread = 0;
        Set<String> observations = archive.rows("observation").stream()
                .map(row -> row.path("id").asString(""))
                .collect(Collectors.toSet());
        long most = limits.photos().bytes().toBytes();
        for (ObjectNode photo : archive.rows("photo")) {
            try {
                UUID observation = id(photo, "observation_id");
                byte[] picture = archive.picture(photo.path("file").asString(""), most);
                if (observations.contains(observation.toString())) {
                    photos.saveForEach(
                            settingId,
                            id(photo, "id"),
                            List.of(observation),
                            photos.clean(new ByteArrayResource(picture), picture.length));
                } else {
                    unread++;
                }
            } catch (ArchiveFile.Refused | IOException | PhotoRefused refused) {
                unread++;
            }
        }
        return unread;
    }
}
