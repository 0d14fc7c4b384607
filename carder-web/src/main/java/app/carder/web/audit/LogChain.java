package app.carder.web.audit;

import app.carder.core.chain.Content;
import app.carder.core.chain.Digest;
import app.carder.core.chain.Link;
import app.carder.core.chain.LogCheck;
import app.carder.core.chain.LogCheck.Entry;
import app.carder.core.chain.Numbers;
import app.carder.core.chain.Part;
import app.carder.core.chain.Seal;
import app.carder.web.setting.SettingId;
import java.security.SecureRandom;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HexFormat;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.namedparam.MapSqlParameterSource;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Isolation;
import org.springframework.transaction.annotation.Transactional;

/**
 * Seals what the logs say, and reads it again. Rows are sealed a few seconds after they were written, one server at a time: the order of
 * links is the order of the log, whichever server wrote a row, and no page waits for it. Between the two a row can still be changed unseen.
 */
@Service
public class LogChain {

    private static final int SEALED_AT_ONCE = 1000;
    private static final int READ_AT_ONCE = 5000;
    private static final int SALT_BYTES = 16;
    private static final HexFormat HEX = HexFormat.of();
    private static final String LINKS =
            "select number, of_table, row_id, encode(previous, 'hex') as previous, encode(deed, 'hex') as deed,"
                    + " encode(person, 'hex') as person, encode(subject, 'hex') as subject, encode(digest, 'hex') as digest from chain_link";

    private final NamedParameterJdbcTemplate database;
    private final SecureRandom random = new SecureRandom();

    LogChain(NamedParameterJdbcTemplate database) {
        this.database = database;
    }

    /** A row as it stands in its table; of a part that was erased there is no salt. */
    private record Row(
            Logged table, UUID id, long link, Instant at, Map<Part, Content> contents, Map<Part, Numbers> erased) {}

    /**
     * Holds a log for the rest of the transaction, so that nobody seals a row of which something is being erased.
     */
    @Transactional
    public void hold(SettingId settingId) {
        database.query(
                "select pg_advisory_xact_lock(hashtextextended('log ' || :setting, 0))",
                Map.of("setting", settingId.value()),
                row -> {});
    }

    /**
     * Links of rows that are about to lose something.
     *
     * @param table of the rows
     * @param which condition on {@code t}
     * @param given its parameters
     */
    @Transactional
    public Numbers links(String table, String which, Map<String, Object> given) {
        return Numbers.of(database.queryForList(
                "select t.link from %s t where t.link is not null and (%s)".formatted(table, which),
                given,
                Long.class));
    }

    /** Settings in which something is not sealed yet. */
    List<SettingId> unsealed() {
        StringBuilder sql = new StringBuilder();
        for (Logged table : Logged.values()) {
            sql.append(sql.isEmpty() ? "" : " union ")
                    .append("select s.id from setting s where exists (select 1 from ")
                    .append(table.table())
                    .append(" t where t.setting_id = s.id and t.link is null)");
        }
        return database.queryForList(sql.toString(), Map.of(), UUID.class).stream()
                .map(SettingId::new)
                .toList();
    }

    /**
     * Seals what is not sealed yet, up to some thousand rows.
     *
     * @return how many
     */
    @Transactional
    public int seal(SettingId settingId) {
        hold(settingId);
        List<Row> rows = new ArrayList<>();
        for (Logged table : Logged.values()) {
            rows.addAll(database.query(
                    table.select() + " where t.setting_id = :setting and t.link is null order by told_at, t.id limit "
                            + SEALED_AT_ONCE,
                    Map.of("setting", settingId.value()),
                    (row, number) -> unsealed(table, row)));
        }
        rows.sort(Comparator.comparing(Row::at).thenComparing(Row::id));
        long number = 0;
        Digest last = Digest.NONE;
        Optional<Link> head = last(settingId);
        if (head.isPresent()) {
            number = head.get().number();
            last = head.get().digest();
        }
        List<MapSqlParameterSource> links = new ArrayList<>();
        Map<Logged, List<MapSqlParameterSource>> marks = new EnumMap<>(Logged.class);
        for (Row row : rows) {
            number++;
            Link link = Link.after(number, last, row.contents());
            last = link.digest();
            links.add(parameters(settingId, row, link));
            MapSqlParameterSource mark = new MapSqlParameterSource("id", row.id()).addValue("link", number);
            row.contents().forEach((part, content) -> mark.addValue(part.name(), HEX.parseHex(content.salt())));
            marks.computeIfAbsent(row.table(), one -> new ArrayList<>()).add(mark);
        }
        database.batchUpdate(
                "insert into chain_link (setting_id, number, of_table, row_id, previous, deed, person, subject, digest)"
                        + " values (:setting, :number, :table, :row, :previous, :DEED, :PERSON, :SUBJECT, :digest)",
                links.toArray(MapSqlParameterSource[]::new));
        marks.forEach((table, some) -> database.batchUpdate(
                "update %s set link = :link, deed_salt = :DEED, person_salt = :PERSON, subject_salt = :SUBJECT where id = :id"
                        .formatted(table.table()),
                some.toArray(MapSqlParameterSource[]::new)));
        return rows.size();
    }

    private static MapSqlParameterSource parameters(SettingId settingId, Row row, Link link) {
        MapSqlParameterSource parameters = new MapSqlParameterSource("setting", settingId.value())
                .addValue("number", link.number())
                .addValue("table", row.table().table())
                .addValue("row", row.id())
                .addValue("previous", HEX.parseHex(link.previous().hex()))
                .addValue("digest", HEX.parseHex(link.digest().hex()));
        link.commitments().forEach((part, digest) -> parameters.addValue(part.name(), HEX.parseHex(digest.hex())));
        return parameters;
    }

    /** A salt is made where the row is sealed. */
    private Row unsealed(Logged table, ResultSet row) throws SQLException {
        Map<Part, Content> contents = new EnumMap<>(Part.class);
        for (Part part : Part.values()) {
            byte[] salt = new byte[SALT_BYTES];
            random.nextBytes(salt);
            contents.put(part, new Content(HEX.formatHex(salt), fields(row, part)));
        }
        return new Row(
                table,
                row.getObject("id", UUID.class),
                0,
                row.getTimestamp("told_at").toInstant(),
                contents,
                Map.of());
    }

    private static Row sealed(Logged table, ResultSet row) throws SQLException {
        Map<Part, Content> contents = new EnumMap<>(Part.class);
        for (Part part : Part.values()) {
            String salt = row.getString(Logged.salt(part));
            if (salt != null) {
                contents.put(part, new Content(salt, fields(row, part)));
            }
        }
        return new Row(
                table,
                row.getObject("id", UUID.class),
                row.getLong("link"),
                row.getTimestamp("told_at").toInstant(),
                contents,
                table == Logged.ERASURE
                        ? erased(
                                row.getString("whole_links"),
                                row.getString("person_links"),
                                row.getString("subject_links"))
                        : Map.of());
    }

    private static Map<Part, Numbers> erased(String whole, String person, String subject) {
        Map<Part, Numbers> erased = new EnumMap<>(Part.class);
        erased.put(Part.DEED, Numbers.read(whole));
        erased.put(Part.PERSON, Numbers.read(whole + " " + person));
        erased.put(Part.SUBJECT, Numbers.read(whole + " " + subject));
        return erased;
    }

    private static List<String> fields(ResultSet row, Part part) throws SQLException {
        return Arrays.asList((String[]) row.getArray(part.name()).getArray());
    }

    private Optional<Link> last(SettingId settingId) {
        return database
                .query(
                        LINKS + " where setting_id = :setting order by number desc limit 1",
                        Map.of("setting", settingId.value()),
                        (row, number) -> link(row))
                .stream()
                .findFirst();
    }

    /** Where a log stands; absent where nothing is sealed yet. */
    @Transactional(readOnly = true)
    public Optional<Seal> head(SettingId settingId) {
        return last(settingId).map(link -> Seal.of(link.number(), link.digest()));
    }

    /** The seal of a link; absent where there is no such link. */
    @Transactional(readOnly = true)
    public Optional<Seal> at(SettingId settingId, long number) {
        return database
                .query(
                        LINKS + " where setting_id = :setting and number = :number",
                        Map.of("setting", settingId.value(), "number", number),
                        (row, at) -> link(row))
                .stream()
                .map(link -> Seal.of(link.number(), link.digest()))
                .findFirst();
    }

    private static Link link(ResultSet row) throws SQLException {
        Map<Part, Digest> commitments = new EnumMap<>(Part.class);
        for (Part part : Part.values()) {
            commitments.put(part, new Digest(row.getString(part.name().toLowerCase(Locale.ROOT))));
        }
        return new Link(row.getLong("number"), new Digest(row.getString("previous")), commitments);
    }

    /** A link as it is kept, and of which row it says to be. */
    private record Kept(Link link, Digest digest, String table, UUID row) {}

    /**
     * Reads a whole log, of one moment.
     *
     * @param noted seals that were kept outside the database
     */
    @Transactional(readOnly = true, isolation = Isolation.REPEATABLE_READ)
    public LogCheck.Report check(SettingId settingId, Collection<Seal> noted) {
        LogCheck check = new LogCheck(noted);
        long from = 0;
        List<Kept> links = links(settingId, from);
        while (!links.isEmpty()) {
            long until = links.get(links.size() - 1).link().number();
            Map<Long, Row> rows = rows(settingId, from, until);
            for (Kept kept : links) {
                Optional<Row> row = Optional.ofNullable(rows.get(kept.link().number()))
                        .filter(found -> found.id().equals(kept.row())
                                && found.table().table().equals(kept.table()));
                check.read(new Entry(
                        kept.link(),
                        kept.digest(),
                        row.map(Row::contents).orElse(Map.of()),
                        row.map(Row::erased).orElse(Map.of())));
            }
            from = until;
            links = links(settingId, from);
        }
        return check.report();
    }

    private List<Kept> links(SettingId settingId, long after) {
        return database.query(
                LINKS + " where setting_id = :setting and number > :after order by number limit " + READ_AT_ONCE,
                Map.of("setting", settingId.value(), "after", after),
                (row, number) -> new Kept(
                        link(row),
                        new Digest(row.getString("digest")),
                        row.getString("of_table"),
                        row.getObject("row_id", UUID.class)));
    }

    private Map<Long, Row> rows(SettingId settingId, long after, long until) {
        Map<Long, Row> rows = new HashMap<>();
        for (Logged table : Logged.values()) {
            database.query(
                            table.select() + " where t.setting_id = :setting and t.link > :after and t.link <= :until",
                            Map.of("setting", settingId.value(), "after", after, "until", until),
                            (row, number) -> sealed(table, row))
                    .forEach(row -> rows.put(row.link(), row));
        }
        return rows;
    }

    /** How many rows were written in the last seconds and wait to be sealed. */
    @Transactional(readOnly = true)
    public long waiting(SettingId settingId) {
        long waiting = 0;
        for (Logged table : Logged.values()) {
            Long some = database.queryForObject(
                    "select count(*) from %s where setting_id = :setting and link is null".formatted(table.table()),
                    Map.of("setting", settingId.value()),
                    Long.class);
            waiting += some == null ? 0 : some;
        }
        return waiting;
    }
}
