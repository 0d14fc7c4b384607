package app.carder.web.audit;

import app.carder.core.chain.Part;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;

/** A table whose rows are sealed, and which of its columns belong to which part. What is sealed once keeps its columns and their order. */
enum Logged {
    /** Who opened what. */
    ACCESS(
            "access_entry",
            "at",
            List.of("id", "role", "method", "route", "status", "at", "browser"),
            List.of("person_id", "person_name"),
            List.of("subject_id")),
    /** What a record said before. */
    HISTORY(
            "history_entry",
            "at",
            List.of("id", "subject_kind", "field", "at"),
            List.of("person_id", "person_name"),
            List.of("subject_id", "before")),
    /** Sign-ins, and what was done to accounts. */
    SECURITY(
            "security_entry",
            "at",
            List.of("id", "event", "at", "address", "detail"),
            List.of("by_name"),
            List.of("account_id", "person_name")),
    /** That records were erased, and which links have lost their contents by that. */
    ERASURE(
            "erasure",
            "erased_at",
            List.of(
                    "id",
                    "erased_at",
                    "went",
                    "files",
                    "replaced",
                    "left_standing",
                    "whole_links",
                    "person_links",
                    "subject_links"),
            List.of("erased_by"),
            List.of("reason"));

    private final String table;
    private final String at;
    private final Map<Part, List<String>> columns = new EnumMap<>(Part.class);

    Logged(String table, String at, List<String> deed, List<String> person, List<String> subject) {
        this.table = table;
        this.at = at;
        columns.put(Part.DEED, deed);
        columns.put(Part.PERSON, person);
        columns.put(Part.SUBJECT, subject);
    }

    String table() {
        return table;
    }

    /** What is read of a row: its id, link, moment, and of each part the fields and the salt. */
    String select() {
        StringBuilder select =
                new StringBuilder("select t.id, t.link, t.").append(at).append(" as told_at");
        columns.forEach((part, names) -> select.append(", encode(t.")
                .append(salt(part))
                .append(", 'hex') as ")
                .append(salt(part))
                .append(", array[")
                .append(names.stream().map(this::text).collect(Collectors.joining(", ")))
                .append("] as ")
                .append(part.name()));
        if (this == ERASURE) {
            select.append(", t.whole_links, t.person_links, t.subject_links");
        }
        return select.append(" from ").append(table).append(" t").toString();
    }

    static String salt(Part part) {
        return part.name().toLowerCase(Locale.ROOT) + "_salt";
    }

    /** The same text on every server: moments in microseconds since 1970, whatever the time zone of the connection. */
    private String text(String column) {
        return column.equals(at)
                ? "(extract(epoch from t." + column + ") * 1000000)::bigint::text"
                : "coalesce(t." + column + "::text, '')";
    }
}
