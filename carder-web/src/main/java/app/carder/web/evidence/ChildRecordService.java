package app.carder.web.evidence;

import app.carder.core.evidence.Coverage;
import app.carder.core.framework.Framework;
import app.carder.web.account.AccountService;
import app.carder.web.audit.HistoryLog;
import app.carder.web.children.ChildService;
import app.carder.web.children.ChildView;
import app.carder.web.family.FamilyService;
import app.carder.web.journal.JournalService;
import app.carder.web.page.Paging;
import app.carder.web.room.RoomService;
import app.carder.web.setting.Area;
import app.carder.web.setting.Remembered;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import app.carder.web.watch.ObservationService;
import app.carder.web.watch.ObservationView;
import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Gathers what is known of a child. */
@Service
class ChildRecordService {

    private final ChildService children;
    private final RoomService rooms;
    private final ObservationService observations;
    private final JournalService journals;
    private final FamilyService family;
    private final AccountService accounts;
    private final HistoryLog history;
    private final SettingService settings;

    ChildRecordService(
            ChildService children,
            RoomService rooms,
            ObservationService observations,
            JournalService journals,
            FamilyService family,
            AccountService accounts,
            HistoryLog history,
            SettingService settings) {
        this.children = children;
        this.rooms = rooms;
        this.observations = observations;
        this.journals = journals;
        this.family = family;
        this.accounts = accounts;
        this.history = history;
        this.settings = settings;
    }

    @Remembered({Area.PEOPLE, Area.PLACES, Area.BOARD, Area.RECORDS})
    @Transactional(readOnly = true)
    ChildRecord of(SettingId settingId, UUID childId, Optional<String> notch, int page) {
        ChildView child = children.get(settingId, childId);
        Framework framework = rooms.get(settingId, child.roomId()).framework();
        LocalDate today = settings.today(settingId);
        Paging<ObservationView> deck = observations.ofChild(settingId, childId, notch, page);
        return new ChildRecord(
                child,
                keyPerson(settingId, child),
                framework,
                deck,
                children
                        .byId(
                                settingId,
                                deck.rows().stream()
                                        .flatMap(one -> one.childIds().stream())
                                        .distinct()
                                        .toList())
                        .values()
                        .stream()
                        .collect(Collectors.toMap(ChildView::id, ChildView::name)),
                coverage(settingId, childId, framework, today),
                family.repliesAbout(settingId, childId),
                journals.ofChild(settingId, childId),
                children.carersOf(settingId, childId),
                history.of(settingId, childId));
    }

    private Coverage coverage(SettingId settingId, UUID childId, Framework framework, LocalDate today) {
        return Coverage.of(framework, observations.areasOf(settingId, childId, today.minusYears(1)));
    }

    private String keyPerson(SettingId settingId, ChildView child) {
        Map<UUID, String> staff = accounts.names(settingId);
        return child.keyPersonId() == null ? "" : staff.getOrDefault(child.keyPersonId(), "");
    }
}
