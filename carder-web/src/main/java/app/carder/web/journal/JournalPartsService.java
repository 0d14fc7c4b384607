package app.carder.web.journal;

import app.carder.core.journal.Part;
import app.carder.core.journal.Purpose;
import app.carder.web.setting.SettingId;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The parts that a setting wants in its journals, in their order, by what a journal is for. */
@Service
public class JournalPartsService {

    private final NamedParameterJdbcTemplate database;

    JournalPartsService(NamedParameterJdbcTemplate database) {
        this.database = database;
    }

    /** The setting's own, or those that are proposed. */
    @Transactional(readOnly = true)
    public List<Part> of(SettingId settingId, Purpose purpose) {
        List<Part> own = database
                .queryForList(
                        "select unnest(parts) from journal_parts where setting_id = :setting and purpose = :purpose",
                        Map.of("setting", settingId.value(), "purpose", purpose.name()),
                        String.class)
                .stream()
                .map(Part::valueOf)
                .toList();
        return own.isEmpty() ? purpose.parts() : own;
    }

    /** Whether families see what is planned for their child's room this week. */
    @Transactional(readOnly = true)
    public boolean sharesWeek(SettingId settingId) {
        return Boolean.TRUE.equals(database.queryForObject(
                "select shares_week from setting where id = :setting",
                Map.of("setting", settingId.value()),
                Boolean.class));
    }

    /** Lets families see it, or not any more. */
    @Transactional
    public void shareWeek(SettingId settingId, boolean shares) {
        database.update(
                "update setting set shares_week = :shares where id = :setting",
                Map.of("setting", settingId.value(), "shares", shares));
    }

    /**
     * Keeps the parts that a setting wants; journals that were compiled before keep theirs.
     *
     * @throws IllegalArgumentException if there are none
     */
    @Transactional
    public void keep(SettingId settingId, Purpose purpose, List<Part> parts) {
        if (parts.isEmpty()) {
            throw new IllegalArgumentException("A journal must have a part.");
        }
        database.update(
                "insert into journal_parts (setting_id, purpose, parts) values (:setting, :purpose, string_to_array(:parts, ','))"
                        + " on conflict (setting_id, purpose) do update set parts = excluded.parts",
                Map.of(
                        "setting", settingId.value(),
                        "purpose", purpose.name(),
                        "parts", parts.stream().map(Enum::name).collect(Collectors.joining(","))));
    }
}
