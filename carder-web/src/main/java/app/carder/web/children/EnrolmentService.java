package app.carder.web.children;

import app.carder.core.attendance.Coming;
import app.carder.core.attendance.DayHours;
import app.carder.core.attendance.Stay;
import app.carder.core.enrolment.Column;
import app.carder.core.enrolment.DayOrder;
import app.carder.core.enrolment.Enrolled;
import app.carder.core.enrolment.Enrolment;
import app.carder.core.enrolment.Enrolment.Fault;
import app.carder.core.enrolment.Headings;
import app.carder.core.measure.Age;
import app.carder.core.said.Said;
import app.carder.core.wording.Folding;
import app.carder.exchange.table.CsvTable;
import app.carder.web.account.AccountService;
import app.carder.web.account.RoomBorder;
import app.carder.web.account.StaffView;
import app.carder.web.account.Viewer;
import app.carder.web.children.EnrolmentView.Line;
import app.carder.web.page.MailAddress;
import app.carder.web.page.Required;
import app.carder.web.room.RoomService;
import app.carder.web.room.RoomView;
import app.carder.web.setting.OccasionService;
import app.carder.web.setting.SettingService;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Takes children and their carers in from a table. */
@Service
class EnrolmentService {

    private final ChildService children;
    private final RoomService rooms;
    private final RoomBorder border;
    private final AccountService accounts;
    private final OccasionService occasions;
    private final SettingService settings;

    EnrolmentService(
            ChildService children,
            RoomService rooms,
            RoomBorder border,
            AccountService accounts,
            OccasionService occasions,
            SettingService settings) {
        this.children = children;
        this.rooms = rooms;
        this.border = border;
        this.accounts = accounts;
        this.occasions = occasions;
        this.settings = settings;
    }

    /**
     * How a table is to be read.
     *
     * @param rows all of them, the heads first
     * @param columns what each is about; told from the heads where there are none
     * @param order of day and month
     * @param again lines that are added although there is such a child
     */
    record Asked(List<List<String>> rows, List<Optional<Column>> columns, DayOrder order, Set<Integer> again) {
        /** Read by its heads. */
        static Asked first(List<List<String>> rows) {
            return new Asked(rows, Headings.OF_CHILDREN.match(rows.get(0)), DayOrder.DAY_FIRST, Set.of());
        }
    }

    /** What a table would do; nothing is written. */
    @Transactional(readOnly = true)
    EnrolmentView look(Viewer viewer, RoomView room, Asked asked) {
        LocalDate today = settings.today(viewer.settingId());
        List<List<String>> below = asked.rows().subList(1, asked.rows().size());
        Enrolment.Result read = Enrolment.read(below, asked.columns(), today, asked.order());
        Reading reading = new Reading(viewer, room, asked.again(), today);
        read.children().forEach(reading::take);
        return new EnrolmentView(
                asked.rows().get(0),
                asked.columns(),
                asked.order(),
                Enrolment.dependsOnOrder(below, asked.columns()),
                reading.lines,
                Stream.concat(read.faults().stream(), reading.faults.stream())
                        .sorted(Comparator.comparingInt(Fault::line))
                        .toList(),
                CsvTable.write(asked.rows().get(0), below));
    }

    /**
     * Adds all that can be taken, all at once.
     *
     * @return what was done
     */
    @Transactional
    EnrolmentView enrol(Viewer viewer, RoomView room, Asked asked) {
        EnrolmentView view = look(viewer, room, asked);
        view.taken().forEach(line -> {
            ChildView child = children.add(viewer.settingId(), line.roomId(), line.details());
            line.carers()
                    .forEach(carer -> children.addCarer(
                            viewer.settingId(), child.id(), new CarerContact(carer.name(), carer.mail(), ""), null));
        });
        return view;
    }

    /** One reading of a table: what it has given away so far. */
    private final class Reading {
        private final RoomView room;
        private final Set<Integer> again;
        private final LocalDate today;
        private final Map<String, RoomView> byName = new HashMap<>();
        private final Map<String, StaffView> staff = new HashMap<>();
        private final Map<UUID, Set<PegMark>> free = new HashMap<>();
        private final Map<String, String> known = new HashMap<>();
        private final Set<DayOfWeek> open;
        private final List<Line> lines = new ArrayList<>();
        private final List<Fault> faults = new ArrayList<>();

        Reading(Viewer viewer, RoomView room, Set<Integer> again, LocalDate today) {
            this.room = room;
            this.again = again;
            this.today = today;
            rooms.all(viewer.settingId()).stream()
                    .filter(one -> border.mayEnter(viewer, List.of(one.id())))
                    .forEach(one -> {
                        byName.put(Folding.folded(one.name()), one);
                        free.put(one.id(), children.freePegMarks(viewer.settingId(), one.id()));
                    });
            accounts.staff(viewer.settingId()).forEach(one -> {
                staff.put(Folding.folded(one.name()), one);
                staff.putIfAbsent(Folding.folded(one.name().split(" ")[0]), one);
            });
            children.all(viewer.settingId())
                    .forEach(child -> known.put(key(child.name(), child.age().bornOn()), child.name()));
            this.open = occasions.openDays(viewer.settingId()).weekdays();
        }

        private static String key(String name, LocalDate bornOn) {
            return Folding.folded(name) + bornOn;
        }

        void take(Enrolled child) {
            List<Said> wrong = new ArrayList<>();
            RoomView into = child.room().isEmpty() ? room : byName.get(Folding.folded(child.room()));
            if (into == null) {
                wrong.add(Said.of("enrolment.room-unknown", child.room()));
            }
            StaffView key = staff.get(Folding.folded(child.keyPerson()));
            if (key == null && !child.keyPerson().isEmpty()) {
                wrong.add(Said.of("enrolment.key-person-unknown", child.keyPerson()));
            }
            child.carers().stream()
                    .map(Enrolled.CarerLine::mail)
                    .filter(mail -> !mail.isEmpty() && !MailAddress.isPossible(mail))
                    .forEach(mail -> wrong.add(Said.of("enrolment.mail", mail)));
            Optional<String> sameAs =
                    Optional.ofNullable(known.putIfAbsent(key(child.givenName(), child.bornOn()), child.givenName()));
            boolean taken = sameAs.isEmpty() || again.contains(child.line());
            Optional<PegMark> mark = into == null
                    ? Optional.empty()
                    : Required.from(free, into.id()).stream().findFirst();
            if (into != null && mark.isEmpty()) {
                wrong.add(Said.of("enrolment.no-peg"));
            }
            wrong.forEach(why -> faults.add(new Fault(child.line(), child.givenName(), why)));
            if (!wrong.isEmpty() || into == null || mark.isEmpty()) {
                return;
            }
            if (taken) {
                Required.from(free, into.id()).remove(mark.get());
            }
            ChildDetails details = details(child, mark.get(), key == null ? null : key.id());
            lines.add(new Line(
                    child.line(),
                    into.id(),
                    into.name(),
                    details,
                    Age.between(child.bornOn(), today).forPeople(),
                    ChildView.dayWords(details.coming().days()),
                    Stream.concat(
                                    child.allergies().listed().stream().sorted().map(one -> one.words()),
                                    child.allergies().others().stream().map(one -> one.words()))
                            .collect(Collectors.joining(", ")),
                    child.carers(),
                    sameAs,
                    taken));
        }

        private ChildDetails details(Enrolled child, PegMark mark, @Nullable UUID keyPerson) {
            return new ChildDetails(
                    child.givenName(),
                    child.otherNames(),
                    child.bornOn(),
                    mark,
                    new ChildCare(
                            false,
                            child.allergies().asked(),
                            child.allergies().listed(),
                            "",
                            child.allergies().others(),
                            "",
                            Set.of()),
                    child.homeLanguages(),
                    child.interests(),
                    EnumSet.noneOf(PhotoUse.class),
                    keyPerson,
                    new Coming(
                            child.days().isEmpty() ? open : child.days(),
                            new DayHours(child.arrives(), child.leaves()),
                            Map.of(),
                            Stay.OPEN),
                    Optional.empty(),
                    "");
        }
    }
}
