package app.carder.web.rights;

import app.carder.core.chain.Numbers;
import app.carder.web.account.Viewer;
import app.carder.web.media.PhotoService;
import app.carder.web.page.NotFound;
import app.carder.web.setting.Ids;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import java.sql.Timestamp;
import java.time.LocalDateTime;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import tools.jackson.databind.json.JsonMapper;

/** That something was erased: when, by whom, why, how much of what. Never whose it was. */
@Service
public class ErasureProofs {

    private static final JsonMapper JSON = new JsonMapper();

    private final NamedParameterJdbcTemplate database;
    private final ChildRows rows;
    private final PhotoService photos;
    private final SettingService settings;

    ErasureProofs(NamedParameterJdbcTemplate database, ChildRows rows, PhotoService photos, SettingService settings) {
        this.database = database;
        this.rows = rows;
        this.photos = photos;
        this.settings = settings;
    }

    /**
     * That somebody's records were erased.
     *
     * @param at when
     * @param by who did it
     * @param reason why
     * @param went how many rows of each table
     * @param files of photos
     * @param replaced places in which a name was replaced
     * @param leftStanding places that whoever erased said are about somebody, or something, else
     */
    public record Proof(
            LocalDateTime at,
            String by,
            String reason,
            Map<String, Integer> went,
            int files,
            int replaced,
            int leftStanding) {}

    /**
     * What went.
     *
     * @param rows how many of each table
     * @param files of photos, which go unless something else names them
     * @param replaced places in which a name was replaced
     * @param leftStanding places in which the same word stays
     * @param links of the log that have lost contents
     */
    record Gone(Map<String, Integer> rows, Set<String> files, int replaced, int leftStanding, Links links) {}

    /**
     * Links of the log that have lost contents.
     *
     * @param whole that have lost all
     * @param person that have lost who did it
     * @param subject that have lost whose record it was
     */
    record Links(Numbers whole, Numbers person, Numbers subject) {}

    /**
     * Writes down that it was done, in the transaction that does it. Files go once the rows are gone for certain: one that went before could not
     * come back.
     *
     * @return the id of the proof
     */
    @Transactional(propagation = Propagation.MANDATORY)
    UUID add(Viewer viewer, String reason, Gone gone) {
        SettingId settingId = viewer.settingId();
        Set<String> unused = gone.files().stream().filter(rows::isUnused).collect(Collectors.toSet());
        UUID proof = Ids.next();
        Map<String, Object> kept = new HashMap<>();
        kept.put("id", proof);
        kept.put("setting", settingId.value());
        kept.put("at", Timestamp.from(settings.now(settingId)));
        kept.put("by", viewer.name());
        kept.put("reason", reason);
        kept.put("went", JSON.writeValueAsString(gone.rows()));
        kept.put("files", unused.size());
        kept.put("replaced", gone.replaced());
        kept.put("left", gone.leftStanding());
        kept.put("whole", gone.links().whole().written());
        kept.put("person", gone.links().person().written());
        kept.put("subject", gone.links().subject().written());
        database.update(
                "insert into erasure (id, setting_id, erased_at, erased_by, reason, went, files, replaced, left_standing,"
                        + " whole_links, person_links, subject_links) values (:id, :setting, :at, :by, :reason, cast(:went as jsonb),"
                        + " :files, :replaced, :left, :whole, :person, :subject)",
                kept);
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() {
                unused.forEach(photos::removeFile);
            }
        });
        return proof;
    }

    /**
     * A proof.
     *
     * @throws NotFound if the setting has no such one
     */
    @Transactional(readOnly = true)
    public Proof get(SettingId settingId, UUID erasureId) {
        return found(settingId, " and id = :id", Map.of("setting", settingId.value(), "id", erasureId)).stream()
                .findFirst()
                .orElseThrow(NotFound::new);
    }

    /** All of a setting's, the latest first. */
    @Transactional(readOnly = true)
    List<Proof> all(SettingId settingId) {
        return found(settingId, "", Map.of("setting", settingId.value()));
    }

    private List<Proof> found(SettingId settingId, String which, Map<String, Object> given) {
        return database.query(
                "select * from erasure where setting_id = :setting" + which + " order by erased_at desc limit 200",
                given,
                (row, number) -> new Proof(
                        settings.local(settingId, row.getTimestamp("erased_at").toInstant()),
                        row.getString("erased_by"),
                        row.getString("reason"),
                        counts(row.getString("went")),
                        row.getInt("files"),
                        row.getInt("replaced"),
                        row.getInt("left_standing")));
    }

    private static Map<String, Integer> counts(String json) {
        Map<String, Integer> counts = new TreeMap<>();
        JSON.readTree(json)
                .properties()
                .forEach(one -> counts.put(one.getKey(), one.getValue().intValue()));
        return counts;
    }
}
