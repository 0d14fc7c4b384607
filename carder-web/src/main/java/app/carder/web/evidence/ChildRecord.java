package app.carder.web.evidence;

import app.carder.core.evidence.Coverage;
import app.carder.core.framework.Framework;
import app.carder.web.audit.HistoryLog.Earlier;
import app.carder.web.children.CarerView;
import app.carder.web.children.ChildView;
import app.carder.web.family.ReplyView;
import app.carder.web.journal.JournalSummary;
import app.carder.web.page.Paging;
import app.carder.web.watch.ObservationView;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/**
 * All that is known of a child.
 *
 * @param child who
 * @param keyPerson name; empty where there is none
 * @param framework of the room
 * @param deck observations, newest first
 * @param childNames first names of everyone in those observations, by id
 * @param coverage of the last year
 * @param replies what carers wrote back
 * @param journals of the child
 * @param carers of the child
 * @param earlier what the record said before
 */
record ChildRecord(
        ChildView child,
        String keyPerson,
        Framework framework,
        Paging<ObservationView> deck,
        Map<UUID, String> childNames,
        Coverage coverage,
        List<ReplyView> replies,
        List<JournalSummary> journals,
        List<CarerView> carers,
        List<Earlier> earlier) {}
