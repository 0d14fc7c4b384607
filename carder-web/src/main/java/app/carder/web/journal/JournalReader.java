package app.carder.web.journal;

import app.carder.core.wording.NameGuard;
import java.util.List;

/** How a journal's texts reach the family. */
record JournalReader(Journal journal, NameGuard guard) {

    /** The names in an approved text that nobody has settled to be no child's. */
    List<String> names(String text) {
        return guard.namesIn(text).stream()
                .filter(name -> !journal.settled().contains(name))
                .toList();
    }

    boolean holdsBack(String text) {
        return journal.isApproved() && !names(text).isEmpty();
    }

    /** Of a draft without other children's names; what was approved word for word, or not at all. */
    String read(String text) {
        if (!journal.isApproved()) {
            return guard.withoutNames(text);
        }
        return holdsBack(text) ? "" : text;
    }
}
