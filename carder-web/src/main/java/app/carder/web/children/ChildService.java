package app.carder.web.children;

import app.carder.core.attendance.Noted;
import app.carder.core.wording.NameGuard;
import app.carder.web.account.RoomBorder;
import app.carder.web.account.Viewer;
import app.carder.web.audit.HistoryLog;
import app.carder.web.page.NotFound;
import app.carder.web.page.Required;
import app.carder.web.setting.Area;
import app.carder.web.setting.Remembered;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import java.time.LocalDate;
import java.util.Collection;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The children of a setting and their carers. */
@Service
public class ChildService {

    private static final Limit OF_A_ROOM = Limit.of(120);
    private static final Limit OF_A_SETTING = Limit.of(500);
    private static final Limit CARERS = Limit.of(20);

    private final ChildRepository children;
    private final CarerRepository carers;
    private final HistoryLog history;
    private final SettingService settings;
    private final RoomBorder border;
    private final ObjectProvider<KnownDays> days;
    private final ConsentService consents;

    ChildService(
            ChildRepository children,
            CarerRepository carers,
            HistoryLog history,
            SettingService settings,
            RoomBorder border,
            ObjectProvider<KnownDays> days,
            ConsentService consents) {
        this.consents = consents;
        this.days = days;
        this.children = children;
        this.carers = carers;
        this.history = history;
        this.settings = settings;
        this.border = border;
    }

    /** Adds a child to a room. */
    @Transactional
    public ChildView add(SettingId settingId, UUID roomId, ChildDetails details) {
        Child child = new Child(settingId, roomId, details);
        children.save(child);
        consents.sayOnEnrolment(settingId, child.getId(), details.consents());
        return view(child);
    }

    /** Changes what is known of a child, and keeps what was said before. */
    @Transactional
    public ChildView change(Viewer viewer, UUID childId, ChildDetails details) {
        Child child = find(viewer.settingId(), childId);
        Map<String, String> before = child.said();
        child.describe(details);
        history.keep(viewer, "child", childId, before, child.said());
        return view(child);
    }

    /** The children of a room by name; those who have left, and those who are still to move in, are not among them. */
    @Remembered(Area.PEOPLE)
    @Transactional(readOnly = true)
    public List<ChildView> inRoom(SettingId settingId, UUID roomId) {
        return expected(settingId, roomId).stream()
                .filter(child -> child.roomId().equals(roomId))
                .toList();
    }

    /**
     * Those of a room and those who will move up into it, by name: whom a plan for a day to come must have room for. Who moves out attends until the
     * day before, who moves in from that day on.
     */
    @Remembered(Area.PEOPLE)
    @Transactional(readOnly = true)
    public List<ChildView> expected(SettingId settingId, UUID roomId) {
        return views(settingId, children.ofRoom(settingId, roomId, settings.today(settingId), OF_A_ROOM)).stream()
                .map(child -> child.as(roomId))
                .toList();
    }

    /** Those who have left, the last first. */
    @Transactional(readOnly = true)
    public List<ChildView> left(SettingId settingId) {
        return views(settingId, children.left(settingId, settings.today(settingId), OF_A_SETTING));
    }

    /**
     * Moves everybody up whose day has come. Who has a mark there that another child has, gets a free one.
     *
     * @return how many moved
     */
    @Transactional
    public int moveUp(SettingId settingId) {
        List<Child> moving = children.moving(settingId, settings.today(settingId), OF_A_SETTING);
        for (Child child : moving) {
            UUID into = child.move().orElseThrow().roomId();
            Set<PegMark> free = EnumSet.allOf(PegMark.class);
            children.findBySettingIdAndRoomId(settingId, into).forEach(other -> free.remove(other.pegMark()));
            PegMark mark = free.contains(child.pegMark())
                    ? child.pegMark()
                    : free.stream().findFirst().orElse(child.pegMark());
            child.moveUp(into, mark);
        }
        return moving.size();
    }

    /** The children of a room who attend on a day. */
    @Remembered(Area.PEOPLE)
    @Transactional(readOnly = true)
    public List<ChildView> attending(SettingId settingId, UUID roomId, LocalDate on) {
        return expected(settingId, roomId).stream()
                .filter(child -> child.attendsOn(on))
                .toList();
    }

    /** All children by name, but for those who have left. */
    @Remembered(Area.PEOPLE)
    @Transactional(readOnly = true)
    public List<ChildView> all(SettingId settingId) {
        return views(settingId, children.present(settingId, settings.today(settingId), OF_A_SETTING));
    }

    /** Those whose records somebody may open, by name. */
    @Transactional(readOnly = true)
    public List<ChildView> inReach(Viewer viewer) {
        List<ChildView> all = all(viewer.settingId());
        return border.within(viewer)
                .map(rooms -> all.stream()
                        .filter(child -> rooms.contains(child.roomId()))
                        .toList())
                .orElse(all);
    }

    /** Some children, by id; those of other settings are left out. */
    @Remembered(Area.PEOPLE)
    @Transactional(readOnly = true)
    public Map<UUID, ChildView> byId(SettingId settingId, Collection<UUID> ids) {
        return views(settingId, children.findBySettingIdAndIdInOrderByGivenName(settingId, ids)).stream()
                .collect(Collectors.toMap(ChildView::id, Function.identity()));
    }

    /**
     * One child.
     *
     * @throws NotFound if the setting has no such child
     */
    @Remembered(Area.PEOPLE)
    @Transactional(readOnly = true)
    public ChildView get(SettingId settingId, UUID childId) {
        return view(find(settingId, childId));
    }

    /** What keeps the other children's names out of what is written about one. */
    @Remembered(Area.PEOPLE)
    @Transactional(readOnly = true)
    public NameGuard guard(SettingId settingId, ChildView child) {
        return NameGuard.forChild(child.allNames(), names(settingId));
    }

    /** First names, nicknames and family names of all children of the setting. */
    @Remembered(Area.PEOPLE)
    @Transactional(readOnly = true)
    public List<String> names(SettingId settingId) {
        return children.everyChild(settingId).stream()
                .flatMap(child -> child.names().stream())
                .toList();
    }

    /** Every name of one child, those that are not to be shown any more included: for looking, never for showing. */
    @Transactional(readOnly = true)
    public List<String> everyName(SettingId settingId, ChildView child) {
        return find(settingId, child.id()).names();
    }

    /**
     * Gives a child another first name.
     *
     * @param hidesEarlier whether the earlier one is never to be shown any more: it is known to the guard of names alone, and no history is kept
     * @throws NotFound if the setting has no such child
     */
    @Transactional
    public void rename(Viewer viewer, UUID childId, String newName, boolean hidesEarlier) {
        Child child = find(viewer.settingId(), childId);
        Map<String, String> before = child.said();
        child.rename(newName, hidesEarlier);
        if (!hidesEarlier) {
            history.keep(viewer, "child", childId, before, child.said());
        }
    }

    /**
     * A child has another family from now on: those carers read no more, nobody may fetch it until somebody is named, and photos are asked about
     * anew.
     *
     * @throws NotFound if the setting has no such child
     */
    @Transactional
    public void changeFamily(Viewer viewer, UUID childId, Collection<UUID> ending) {
        SettingId settingId = viewer.settingId();
        Child child = find(settingId, childId);
        everyCarerOf(settingId, childId).stream()
                .map(CarerView::id)
                .filter(ending::contains)
                .forEach(carer -> endCarer(settingId, carer));
        Map<String, String> before = child.said();
        child.nobodyFetches();
        history.keep(viewer, "child", childId, before, child.said());
    }

    /**
     * A child has died. It is on no list from that day on; what is kept of it, and who reads it at home, stays as it is.
     *
     * @param on the day; absent where it was written down by mistake
     * @throws NotFound if the setting has no such child
     */
    @Transactional
    public void died(Viewer viewer, UUID childId, Optional<LocalDate> on) {
        Child child = find(viewer.settingId(), childId);
        Map<String, String> before = child.said();
        child.died(on.orElse(null));
        history.keep(viewer, "child", childId, before, child.said());
    }

    /** Days on which children died, by child. */
    @Transactional(readOnly = true)
    public Map<UUID, LocalDate> died(SettingId settingId, Collection<UUID> childIds) {
        Map<UUID, LocalDate> died = new HashMap<>();
        children.findBySettingIdAndIdInOrderByGivenName(settingId, childIds)
                .forEach(child -> child.diedOn().ifPresent(on -> died.put(child.getId(), on)));
        return died;
    }

    /** Adds a carer of a child. */
    @Transactional
    public CarerView addCarer(SettingId settingId, UUID childId, CarerContact contact, @Nullable UUID accountId) {
        Child child = find(settingId, childId);
        Carer carer = new Carer(settingId, childId, contact, accountId);
        carers.save(carer);
        return carer.view(child.lastDay());
    }

    /** Corrects what is known of a carer, and until when they may read. */
    @Transactional
    void changeCarer(SettingId settingId, UUID carerId, CarerContact contact) {
        findCarer(settingId, carerId).describe(contact);
    }

    /** From now on a carer reads nothing more, whatever they have open, and nothing is sent to them. */
    @Transactional
    void endCarer(SettingId settingId, UUID carerId) {
        findCarer(settingId, carerId).end(settings.today(settingId).minusDays(1));
    }

    /** A carer chose in which language to be written to. */
    @Transactional
    public void writeIn(SettingId settingId, UUID carerId, String language) {
        findCarer(settingId, carerId).read(language);
    }

    private Carer findCarer(SettingId settingId, UUID carerId) {
        return carers.findByIdAndSettingId(carerId, settingId).orElseThrow(NotFound::new);
    }

    /** The carers of a child who may read and be written to today. */
    @Remembered(Area.PEOPLE)
    @Transactional(readOnly = true)
    public List<CarerView> carersOf(SettingId settingId, UUID childId) {
        return everyCarerOf(settingId, childId).stream()
                .filter(today(settingId))
                .toList();
    }

    /** The same with those who may not any more. */
    @Transactional(readOnly = true)
    public List<CarerView> everyCarerOf(SettingId settingId, UUID childId) {
        return carerViews(settingId, carers.findBySettingIdAndChildIdOrderByName(settingId, childId, CARERS))
                .toList();
    }

    private Stream<CarerView> carerViews(SettingId settingId, List<Carer> some) {
        Map<UUID, Child> whose = children
                .findBySettingIdAndIdInOrderByGivenName(
                        settingId, some.stream().map(Carer::childId).distinct().toList())
                .stream()
                .collect(Collectors.toMap(Child::getId, Function.identity()));
        return some.stream()
                .map(carer -> carer.view(Required.from(whose, carer.childId()).lastDay()));
    }

    private Predicate<CarerView> today(SettingId settingId) {
        LocalDate today = settings.today(settingId);
        return carer -> carer.reads(today);
    }

    /** The carers of some children who may read today, by child. */
    @Remembered(Area.PEOPLE)
    @Transactional(readOnly = true)
    public Map<UUID, List<CarerView>> carersOf(SettingId settingId, Collection<UUID> childIds) {
        return carerViews(settingId, carers.findBySettingIdAndChildIdInOrderByName(settingId, childIds))
                .filter(today(settingId))
                .collect(Collectors.groupingBy(CarerView::childId));
    }

    /**
     * One carer.
     *
     * @throws NotFound if the setting has no such carer
     */
    @Transactional(readOnly = true)
    public CarerView carer(SettingId settingId, UUID carerId) {
        Carer carer = findCarer(settingId, carerId);
        return carer.view(find(settingId, carer.childId()).lastDay());
    }

    /** Some carers, by id, whether they may read any more or not. */
    @Transactional(readOnly = true)
    public Map<UUID, CarerView> carersById(SettingId settingId, Collection<UUID> ids) {
        return carerViews(settingId, carers.findBySettingIdAndIdIn(settingId, ids))
                .collect(Collectors.toMap(CarerView::id, Function.identity()));
    }

    /** The carers that one account stands for and reads as today: one for each of its children. */
    @Remembered(Area.PEOPLE)
    @Transactional(readOnly = true)
    public List<CarerView> carersOfAccount(SettingId settingId, UUID accountId) {
        return carerViews(settingId, carers.findBySettingIdAndAccountId(settingId, accountId, CARERS))
                .filter(today(settingId))
                .toList();
    }

    /**
     * Gives a child another mark. Whoever of its room has that one gets the child's.
     *
     * @throws NotFound if the setting has no such child
     */
    @Transactional
    ChildView hang(Viewer viewer, UUID childId, PegMark mark) {
        Child child = find(viewer.settingId(), childId);
        PegMark had = child.pegMark();
        children.findBySettingIdAndRoomIdAndPegMark(viewer.settingId(), child.roomId(), mark)
                .filter(other -> !other.getId().equals(childId))
                .ifPresent(other -> hang(viewer, other, had));
        hang(viewer, child, mark);
        return view(child);
    }

    private void hang(Viewer viewer, Child child, PegMark mark) {
        Map<String, String> before = child.said();
        child.hang(mark);
        history.keep(viewer, "child", child.getId(), before, child.said());
    }

    /**
     * Keeps what is to be known before anything about a child is sent.
     *
     * @throws NotFound if the setting has no such child
     */
    @Transactional
    void warnBeforeSending(Viewer viewer, UUID childId, String words) {
        Child child = find(viewer.settingId(), childId);
        Map<String, String> before = child.said();
        child.warnBeforeSending(words);
        history.keep(viewer, "child", child.getId(), before, child.said());
    }

    /** Marks that no child of a room has, in their order. */
    @Transactional(readOnly = true)
    Set<PegMark> freePegMarks(SettingId settingId, UUID roomId) {
        Set<PegMark> free = EnumSet.allOf(PegMark.class);
        inRoom(settingId, roomId).forEach(child -> free.remove(child.pegMark()));
        return free;
    }

    /** The first mark that no child of a room has; absent where all are taken. */
    @Transactional(readOnly = true)
    public Optional<PegMark> freeMark(SettingId settingId, UUID roomId) {
        return freePegMarks(settingId, roomId).stream().findFirst();
    }

    @Transactional(readOnly = true)
    boolean isPegMarkTaken(SettingId settingId, UUID roomId, PegMark mark, UUID exceptChildId) {
        return children.existsBySettingIdAndRoomIdAndPegMarkAndIdNot(settingId, roomId, mark, exceptChildId);
    }

    private Child find(SettingId settingId, UUID childId) {
        return children.findByIdAndSettingId(childId, settingId).orElseThrow(NotFound::new);
    }

    private ChildView view(Child child) {
        return views(child.settingId(), List.of(child)).get(0);
    }

    private List<ChildView> views(SettingId settingId, List<Child> found) {
        LocalDate today = settings.today(settingId);
        List<UUID> ids = found.stream().map(Child::getId).toList();
        Map<UUID, Map<LocalDate, Noted>> noted =
                found.isEmpty() ? Map.of() : days.getObject().from(settingId, ids, today);
        return found.stream()
                .map(child -> child.view(today, noted.getOrDefault(child.getId(), Map.of())))
                .toList();
    }
}
