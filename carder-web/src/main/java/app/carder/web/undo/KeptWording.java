package app.carder.web.undo;

import app.carder.web.account.Viewer;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/** A record of a child of which every earlier wording is kept: what is taken back is kept as well. */
public interface KeptWording {

    /** The table that it looks after. */
    String table();

    /** What a row says now; empty where it is not there. */
    Optional<Said> said(Viewer viewer, UUID rowId);

    /**
     * The words of a row.
     *
     * @param kind of the record that they belong to
     * @param record which
     * @param words by the part of the record
     */
    record Said(String kind, UUID record, Map<String, String> words) {}
}
