package app.carder.web.demo;

import app.carder.core.attendance.Coming;
import app.carder.core.attendance.DayHours;
import app.carder.core.attendance.Stay;
import app.carder.core.practice.PracticeStyle;
import app.carder.core.premises.Premises;
import app.carder.core.watch.Involvement;
import app.carder.core.week.DayStrip.Kind;
import app.carder.core.week.DayStrip.Session;
import app.carder.web.account.AccountService;
import app.carder.web.account.Role;
import app.carder.web.account.StaffDetails;
import app.carder.web.account.Viewer;
import app.carder.web.attendance.AttendanceService;
import app.carder.web.children.ChildDetails;
import app.carder.web.children.ChildService;
import app.carder.web.children.ChildView;
import app.carder.web.children.PegMark;
import app.carder.web.children.PhotoUse;
import app.carder.web.media.PhotoRefused;
import app.carder.web.media.PhotoService;
import app.carder.web.media.PhotoService.Cleaned;
import app.carder.web.page.Required;
import app.carder.web.room.RoomService;
import app.carder.web.room.RoomView;
import app.carder.web.setting.Ids;
import app.carder.web.setting.OccasionService;
import app.carder.web.setting.SettingDetails;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import app.carder.web.setting.SettingView;
import app.carder.web.watch.ObservationDetails;
import app.carder.web.watch.ObservationService;
import app.carder.web.watch.ObservationWords;
import jakarta.persistence.EntityManager;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.Currency;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.annotation.Order;
import org.springframework.core.io.ByteArrayResource;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;
import org.springframework.transaction.support.TransactionOperations;

/**
 * Makes the demo scenario where the database is empty: two settings, so that a leak between them shows. Everything in it
 * is made up, dated relative to today and drawn from a fixed seed.
 */
@Component
public class DemoData {

    /** Of every demo account. */
    public static final String PASSWORD = "parcels-and-post";

    private static final Logger LOG = LoggerFactory.getLogger(DemoData.class);
    private static final Currency GBP = Currency.getInstance("GBP");
    /** When the last session of its rooms ends. */
    private static final LocalTime CLOSES = LocalTime.of(17, 0);

    private static final ZoneId ZONE = ZoneId.of("Europe/London");
    private static final int SEED = 20;

    private static final List<Session> DAY = List.of(
            new Session("Arrival", Kind.CARE, LocalTime.of(8, 0), LocalTime.of(9, 0)),
            new Session("Free play", Kind.PROTECTED_PLAY, LocalTime.of(9, 0), LocalTime.of(10, 30)),
            new Session("Snack", Kind.CARE, LocalTime.of(10, 30), LocalTime.of(10, 50)),
            new Session("Outdoors", Kind.OUTDOORS, LocalTime.of(10, 50), LocalTime.of(11, 45)),
            new Session("Lunch", Kind.CARE, LocalTime.of(11, 45), LocalTime.of(12, 30)),
            new Session("Rest", Kind.CARE, LocalTime.of(12, 30), LocalTime.of(13, 30)),
            new Session("Free play", Kind.PROTECTED_PLAY, LocalTime.of(13, 30), LocalTime.of(15, 15)),
            new Session("Post round", Kind.GROUP, LocalTime.of(15, 15), LocalTime.of(15, 45)),
            new Session("Outdoors", Kind.OUTDOORS, LocalTime.of(15, 45), LocalTime.of(17, 0)));

    private final boolean wanted;
    private final SettingService settings;
    private final OccasionService occasions;
    private final RoomService rooms;
    private final DemoAccounts accounts;
    private final DemoTelling telling;
    private final AccountService people;
    private final ChildService children;
    private final DemoBench workbench;
    private final DemoPlans plans;
    private final DemoWeeks weeks;
    private final DemoPlay play;
    private final DemoSetOuts setOuts;
    private final ObservationService observations;
    private final PhotoService photos;
    private final AttendanceService attendance;
    private final TransactionOperations transaction;
    private final EntityManager entities;
    /** Each scene is drawn and cleaned once; forgotten once all is made. */
    private final Map<DemoScene, Cleaned> drawn = new EnumMap<>(DemoScene.class);

    DemoData(
            @Value("${carder.demo}") boolean wanted,
            SettingService settings,
            OccasionService occasions,
            RoomService rooms,
            DemoAccounts accounts,
            DemoTelling telling,
            AccountService people,
            ChildService children,
            DemoBench workbench,
            DemoPlans plans,
            DemoWeeks weeks,
            DemoPlay play,
            DemoSetOuts setOuts,
            ObservationService observations,
            PhotoService photos,
            AttendanceService attendance,
            TransactionOperations transaction,
            EntityManager entities) {
        this.wanted = wanted;
        this.settings = settings;
        this.occasions = occasions;
        this.rooms = rooms;
        this.accounts = accounts;
        this.telling = telling;
        this.people = people;
        this.children = children;
        this.workbench = workbench;
        this.plans = plans;
        this.weeks = weeks;
        this.play = play;
        this.setOuts = setOuts;
        this.observations = observations;
        this.photos = photos;
        this.attendance = attendance;
        this.transaction = transaction;
        this.entities = entities;
    }

    /** Before the first-run code, which is not needed then. */
    @Order(0)
    @EventListener(ApplicationReadyEvent.class)
    void makeIfEmpty() {
        if (wanted && settings.isEmpty()) {
            // In one go: nobody can sign in to half a scenario.
            transaction.executeWithoutResult(status -> make());
            drawn.clear();
            LOG.info("Demo data made.");
        } else if (wanted) {
            try {
                settings.madeUp().forEach(this::reopen);
            } catch (DataAccessException | TransactionException away) {
                // A database that goes away in this moment ends no application: its pages answer already.
                LOG.warn("The made-up nurseries were not opened for the day.", away);
            }
        }
    }

    /** Whoever looks in again finds the rooms open; the day runs on where they are. */
    private void reopen(SettingView setting) {
        LocalDateTime now = settings.localNow(setting.id());
        LocalDateTime open = DemoDays.nextOpening(now, occasions.openDays(setting.id()));
        if (!open.equals(now)) {
            settings.putClock(setting.id(), open);
        }
        transaction.executeWithoutResult(
                status -> rooms.all(setting.id()).forEach(room -> beginTheDay(setting.id(), room)));
    }

    /** On another day the children come again, and what was out last is out again; where somebody has begun already, nothing is done. */
    private void beginTheDay(SettingId setting, RoomView room) {
        people.staff(setting).stream()
                .flatMap(one -> people.author(setting, one.id()).stream())
                .filter(one -> one.role().isLead() && one.rooms().all().contains(room.id()))
                .findFirst()
                .filter(lead -> setOuts.again(lead, room))
                .ifPresent(lead -> arrive(
                        lead,
                        room,
                        children.inRoom(setting, room.id()).stream()
                                .collect(Collectors.toMap(ChildView::name, Function.identity(), (one, same) -> one))));
    }

    private SettingView create(String name) {
        SettingView setting = settings.create(new SettingDetails(
                name,
                ZONE,
                GBP,
                new Premises(
                        Premises.USUAL.kind(),
                        Premises.USUAL.country(),
                        Premises.USUAL.openOn(),
                        Premises.USUAL.opens(),
                        CLOSES)));
        settings.putClock(setting.id(), DemoDays.lastOpening(settings.machineNow(setting.id())));
        return setting;
    }

    private void make() {
        SettingView quillmere = create("Quillmere Nursery");
        workbench.stock(quillmere.id());
        workbench.kits(quillmere.id());
        Random seeded = new Random(SEED);
        RoomView burrow = room(
                quillmere.id(),
                "Burrow",
                "sme",
                PracticeStyle.HOME_MIXED_AGE,
                List.of("Rug", "Low tray", "Crawl space", "Garden door"));
        RoomView nook = room(
                quillmere.id(),
                "Nook",
                "sme",
                PracticeStyle.THEMED_CENTRES,
                List.of("Tray table", "Floor", "Role play", "Garden"));
        RoomView loft = room(
                quillmere.id(),
                "Loft",
                "eyfs",
                PracticeStyle.FREE_FLOW,
                List.of("Weighing desk", "Post office", "Tray table", "Writing", "Garden"));
        Viewer imelda = staff(quillmere.id(), "Imelda Farrow", Role.MANAGER, loft.id());
        Viewer tobias = staff(quillmere.id(), "Tobias Renn", Role.ROOM_LEAD, loft.id());
        Viewer precious = staff(quillmere.id(), "Precious Adeyemi", Role.ROOM_LEAD, nook.id());
        Viewer marguerite = staff(quillmere.id(), "Marguerite Lisle", Role.ROOM_LEAD, burrow.id());
        Viewer hamish = staff(quillmere.id(), "Hamish Vale", Role.PRACTITIONER, loft.id(), nook.id());
        Viewer sunniva = staff(quillmere.id(), "Sunniva Dahl", Role.PRACTITIONER, nook.id());
        Viewer ravi = staff(quillmere.id(), "Ravi Menon", Role.PRACTITIONER, burrow.id());

        putDown();
        plans.draw(tobias, loft);
        plans.draw(precious, nook);
        plans.draw(marguerite, burrow);
        weeks.shifts(loft, tobias, hamish);
        weeks.shifts(nook, precious, sunniva);
        weeks.shifts(burrow, marguerite, ravi);
        weeks.shift(burrow, imelda, 9, 0, 11, 45);
        weeks.shift(loft, imelda, 12, 0, 13, 20);
        weeks.aboutThemselves(List.of(tobias, hamish, precious, marguerite, imelda), sunniva);
        weeks.occasions(quillmere.id());
        putDown();

        Map<String, ChildView> byName = new LinkedHashMap<>();
        List<String> inBurrow = List.of("Farida", "Goran", "Lumi", "Odhran", "Soren", "Ulla", "Xanthe", "Zofia");
        List<String> inNook =
                List.of("Dara", "Eskil", "Hana", "Juno", "Nadia", "Priya", "Rosalind", "Viggo", "Wren", "Benedikt");
        List<String> inLoft = List.of(
                "Anouk",
                "Bram",
                "Cosima",
                "Idris",
                "Kofi",
                "Quentin",
                "Tamsin",
                "Yusuf",
                "Chidi",
                "Delphine",
                "Esperanza",
                "Florian");
        Set<UUID> givers = Set.of(imelda.personId(), tobias.personId());
        byName.putAll(enrol(quillmere.id(), burrow, inBurrow, 9, 23, List.of(marguerite, ravi), givers, seeded));
        byName.putAll(enrol(quillmere.id(), nook, inNook, 24, 35, List.of(precious, sunniva), givers, seeded));
        byName.putAll(enrol(quillmere.id(), loft, inLoft, 37, 58, List.of(tobias, hamish), givers, seeded));

        putDown();
        Map<String, UUID> cards = new HashMap<>();
        cards.putAll(workbench.cards(tobias, loft));
        cards.putAll(workbench.cards(precious, nook));
        cards.putAll(workbench.cards(marguerite, burrow));
        putDown();
        weeks.board(tobias, loft, cards);
        weeks.investigations(tobias, loft, photo(DemoScene.BEAN));
        setOuts.today(tobias, loft, cards, "Rice by the kilo", "Weighing desk", tobias);
        setOuts.today(tobias, loft, cards, "Ice parcels that melt", "Tray table", hamish);
        setOuts.today(tobias, loft, cards, "String, knots and labels", "Post office", hamish);
        setOuts.today(precious, nook, cards, "Shredded paper post", "Tray table", sunniva);
        setOuts.today(precious, nook, cards, "Stamp printing", "Floor", precious);
        setOuts.today(marguerite, burrow, cards, "Down the posting tube", "Rug", ravi);

        putDown();
        photos.saveSetOut(
                tobias,
                Ids.next(),
                Required.from(cards, "Rice by the kilo"),
                DemoDays.open(settings.today(quillmere.id()), 1),
                photo(DemoScene.RICE).orElseThrow());
        DemoPlay.daysOf("Rice by the kilo")
                .forEach(daysAgo -> setOuts.before(tobias, loft, cards, "Rice by the kilo", "Weighing desk", daysAgo));
        putDown();
        arrive(marguerite, burrow, byName);
        arrive(precious, nook, byName);
        arrive(tobias, loft, byName);
        putDown();
        play.records(hamish, loft, byName, cards);
        putDown();
        DemoNotes.LOFT.forEach(note -> save(hamish, loft, note, byName, cards));
        DemoNotes.NOOK.forEach(note -> save(sunniva, nook, note, byName, cards));
        DemoNotes.BURROW.forEach(note -> save(ravi, burrow, note, byName, cards));
        putDown();
        telling.tell(tobias, Required.from(byName, "Anouk"), "Anouk's grandfather", true);
        telling.tell(tobias, Required.from(byName, "Bram"), "Bram's aunt", false);
        telling.share(tobias, loft);
        putDown();
        second(seeded);
    }

    /** What is held in mind is looked through before each question: what was made is written and let go of now and then. */
    private void putDown() {
        entities.flush();
        entities.clear();
    }

    private void second(Random seeded) {
        SettingView harbour = create("Harbour Steps Nursery");
        workbench.stock(harbour.id());
        workbench.kits(harbour.id());
        RoomView pier =
                room(harbour.id(), "Pier", "sme", PracticeStyle.PREPARED_ENVIRONMENT, List.of("Tray table", "Floor"));
        Viewer teodor = staff(harbour.id(), "Teodor Wolski", Role.MANAGER, pier.id());
        Viewer bronagh = staff(harbour.id(), "Bronagh Keane", Role.PRACTITIONER, pier.id());
        Map<String, ChildView> byName = enrol(
                harbour.id(),
                pier,
                List.of("Ines", "Jarek", "Leilani", "Nils", "Ottilie", "Rafe"),
                24,
                50,
                List.of(bronagh),
                Set.of(bronagh.personId()),
                seeded);
        Map<String, UUID> cards = workbench.cards(teodor, pier);
        setOuts.today(teodor, pier, cards, "Letters in oats", "Tray table", bronagh);
        for (DemoNotes.Note note : DemoNotes.PIER) {
            save(bronagh, pier, note, byName, cards);
        }
        telling.tell(teodor, Required.from(byName, "Ines"), "Ines's mother", true);
    }

    private RoomView room(SettingId setting, String name, String framework, PracticeStyle style, List<String> zones) {
        return rooms.create(setting, name, framework, style, zones, DAY);
    }

    /** The first room is the one that their pages open on. */
    private Viewer staff(SettingId setting, String name, Role role, UUID... rooms) {
        String username = name.substring(0, name.indexOf(' ')).toLowerCase(Locale.ROOT);
        return accounts.create(
                setting, username, new StaffDetails(name, role, new LinkedHashSet<>(List.of(rooms)), Optional.empty()));
    }

    private Map<String, ChildView> enrol(
            SettingId setting,
            RoomView room,
            List<String> names,
            int youngestMonths,
            int oldestMonths,
            List<Viewer> keyPersons,
            Set<UUID> givers,
            Random seeded) {
        LocalDate today = settings.today(setting);
        Map<String, ChildView> enrolled = new LinkedHashMap<>();
        List<PegMark> marks = List.of(PegMark.values());
        for (int i = 0; i < names.size(); i++) {
            String name = names.get(i);
            int months = youngestMonths + (oldestMonths - youngestMonths) * i / Math.max(1, names.size() - 1);
            Set<DayOfWeek> days = EnumSet.range(DayOfWeek.MONDAY, DayOfWeek.FRIDAY);
            if (i % 4 == 3) {
                days.remove(DayOfWeek.of(1 + seeded.nextInt(5)));
            }
            // So that the demo has children on whatever day it is looked at.
            days.add(today.getDayOfWeek());
            enrolled.put(
                    name,
                    children.add(
                            setting,
                            room.id(),
                            new ChildDetails(
                                    name,
                                    DemoChildren.OTHER_NAMES.getOrDefault(name, List.of()),
                                    today.minusMonths(months).minusDays(seeded.nextInt(27)),
                                    marks.get((i * 5 + room.name().length()) % marks.size()),
                                    DemoChildren.care(name, givers),
                                    DemoChildren.LANGUAGES.getOrDefault(name, "English"),
                                    DemoChildren.INTERESTS.getOrDefault(name, "carrying, filling and emptying"),
                                    consents(name),
                                    keyPersons.get(i % keyPersons.size()).personId(),
                                    new Coming(
                                            days,
                                            new DayHours(
                                                    Optional.empty(),
                                                    i == 4 ? Optional.of(LocalTime.of(16, 30)) : Optional.empty()),
                                            Map.of(),
                                            new Stay(Optional.of(today.minusMonths(7)), Optional.empty())),
                                    Optional.empty(),
                                    DemoChildren.MAY_FETCH.getOrDefault(name, ""))));
        }
        return enrolled;
    }

    private static Set<PhotoUse> consents(String name) {
        Set<PhotoUse> given = EnumSet.allOf(PhotoUse.class);
        if (DemoChildren.NO_PHOTOS.contains(name)) {
            given.clear();
        } else if (DemoChildren.OWN_PHOTOS_ONLY.contains(name)) {
            given.remove(PhotoUse.OTHERS_JOURNALS);
            given.remove(PhotoUse.DISPLAY);
        }
        return given;
    }

    private void save(
            Viewer author, RoomView room, DemoNotes.Note note, Map<String, ChildView> byName, Map<String, UUID> cards) {
        LocalDate today = settings.today(author.settingId());
        Set<String> areas = new HashSet<>();
        note.statements().forEach(code -> room.framework().areaOf(code).ifPresent(area -> areas.add(area.code())));
        Set<UUID> seen = new HashSet<>();
        note.children().forEach(name -> seen.add(Required.from(byName, name).id()));
        observations.save(
                author,
                Ids.next(),
                room.id(),
                new ObservationDetails(
                        seen,
                        new ObservationWords(
                                note.words(),
                                Optional.of(Involvement.ofLevel(note.involvement())),
                                Optional.empty(),
                                areas,
                                Set.copyOf(note.statements()),
                                Set.of(),
                                ""),
                        Optional.ofNullable(cards.get(note.card())),
                        note.scene() != DemoScene.NONE && !note.inPhoto().isEmpty() ? seen : Set.of(),
                        DemoDays.open(today, note.daysAgo())
                                .atTime(9, 20)
                                .plusMinutes(note.words().length() % 60)
                                .atZone(ZONE)
                                .toInstant()),
                photo(note.scene()));
    }

    /** Everybody who is due came with the first session, but for one of whom there is no word yet. */
    private void arrive(Viewer lead, RoomView room, Map<String, ChildView> byName) {
        LocalDate today = settings.today(lead.settingId());
        room.sessionsOn(today.getDayOfWeek()).stream()
                .findFirst()
                .ifPresent(first -> byName.values().stream()
                        .filter(child -> child.roomId().equals(room.id())
                                && child.attendsOn(today)
                                && !child.name().equals(DemoChildren.NO_WORD_FROM))
                        .forEach(child -> attendance.note(
                                lead,
                                child.id(),
                                today,
                                noted -> noted.arrived(first.session().startsAt()))));
    }

    private Optional<Cleaned> photo(DemoScene scene) {
        return scene == DemoScene.NONE ? Optional.empty() : Optional.of(drawn.computeIfAbsent(scene, this::cleaned));
    }

    private Cleaned cleaned(DemoScene scene) {
        byte[] drawing = scene.draw();
        try {
            return photos.clean(new ByteArrayResource(drawing), drawing.length);
        } catch (PhotoRefused refused) {
            throw new IllegalStateException("Impossible state: a drawn photo is refused.", refused);
        }
    }
}
