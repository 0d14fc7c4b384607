package app.carder.web.find;

import app.carder.web.find.Found.Piece;
import app.carder.web.find.Found.Written;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import java.sql.Timestamp;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Repository;

/** Looks through what was written with PostgreSQL's full text search. */
@Repository
class WrittenWords {

    private static final int MOST = 20;
    private static final String BEGIN = "\u0001";
    private static final String END = "\u0002";

    /** Records that fit are ranked before their words are cut out, which is done for those alone that are shown. */
    private static final String SEARCH = """
            select id, observed_at, author_name,
                   case when :words = '' then left(note, 160)
                        else ts_headline(language, note, to_tsquery(language, :words),
                             'StartSel=%s, StopSel=%s, MaxWords=26, MinWords=12') end as words
            from (select o.id, o.observed_at, o.author_name, o.note, o.language
                  from observation o
                  where o.setting_id = :setting %%s
                  order by %%s o.observed_at desc, o.id desc
                  limit :most) as best""".formatted(BEGIN, END);

    private final NamedParameterJdbcTemplate database;
    private final SettingService settings;

    WrittenWords(NamedParameterJdbcTemplate database, SettingService settings) {
        this.database = database;
        this.settings = settings;
    }

    /**
     * The best of what fits, one more than is shown where there are more.
     *
     * @param isAside whether what is about children who have left is looked through too
     */
    List<Written> find(SettingId settingId, Optional<Set<UUID>> rooms, boolean isAside, String typed, Filters filters) {
        String words = query(typed);
        ZoneId zone = settings.get(settingId).zone();
        List<String> where = new ArrayList<>();
        Map<String, Object> values =
                new HashMap<>(Map.of("setting", settingId.value(), "words", words, "most", MOST + 1));
        if (!words.isEmpty()) {
            // The second half, which knows no record's language, is what the index can answer.
            where.add("o.found_by @@ to_tsquery(o.language, :words) and o.found_by @@ any (array(select"
                    + " to_tsquery(language::regconfig, :words) from room where setting_id = :setting))");
        }
        rooms.ifPresent(open -> {
            where.add("o.room_id in (:rooms)");
            values.put("rooms", open.isEmpty() ? Set.of(new UUID(0, 0)) : open);
        });
        if (!isAside) {
            where.add("exists (select 1 from observation_child oc join child c on c.id = oc.child_id"
                    + " where oc.observation_id = o.id and (c.ends_on is null or c.ends_on >= :today))");
            values.put("today", settings.today(settingId));
        }
        if (!filters.area().isEmpty()) {
            where.add(":area = any (o.areas)");
            values.put("area", filters.area());
        }
        filters.adult().ifPresent(adult -> {
            where.add("o.author_id = :adult");
            values.put("adult", adult);
        });
        filters.card().ifPresent(card -> {
            where.add("o.card_id = :card");
            values.put("card", card);
        });
        filters.from().ifPresent(from -> {
            where.add("o.observed_at >= :from");
            values.put("from", beginning(from, zone));
        });
        filters.until().ifPresent(until -> {
            where.add("o.observed_at < :until");
            values.put("until", beginning(until.plusDays(1), zone));
        });
        String sql = SEARCH.formatted(
                where.stream().map(one -> " and " + one).collect(Collectors.joining()),
                words.isEmpty() ? "" : "ts_rank_cd(o.found_by, to_tsquery(o.language, :words)) desc,");
        return database.query(
                sql,
                values,
                (row, number) -> new Written(
                        row.getObject("id", UUID.class),
                        settings.local(
                                settingId, row.getTimestamp("observed_at").toInstant()),
                        row.getString("author_name"),
                        pieces(row.getString("words"))));
    }

    /** How many are shown. */
    static int most() {
        return MOST;
    }

    private static Timestamp beginning(LocalDate day, ZoneId zone) {
        return Timestamp.from(day.atStartOfDay(zone).toInstant());
    }

    /** All of the words; the last one may be a beginning, as somebody still types. */
    private static String query(String typed) {
        List<String> words = Arrays.stream(typed.split("[^\\p{L}\\p{N}]+"))
                .filter(word -> !word.isEmpty())
                .toList();
        return words.isEmpty() ? "" : String.join(" & ", words) + ":*";
    }

    private static List<Piece> pieces(String words) {
        List<Piece> pieces = new ArrayList<>();
        for (String part : words.split("(?=" + BEGIN + ")|(?<=" + END + ")")) {
            boolean isFound = part.startsWith(BEGIN);
            pieces.add(new Piece(isFound ? part.substring(1, part.length() - 1) : part, isFound));
        }
        return pieces;
    }
}
