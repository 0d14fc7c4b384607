package app.carder.web.demo;

import app.carder.core.week.DayStrip.Kind;
import app.carder.core.week.OpenDays;
import app.carder.web.account.Viewer;
import app.carder.web.adults.AdultDetails;
import app.carder.web.adults.AdultService;
import app.carder.web.investigate.InvestigationDetails;
import app.carder.web.investigate.InvestigationService;
import app.carder.web.investigate.ReadingDetails;
import app.carder.web.media.PhotoService.Cleaned;
import app.carder.web.page.Required;
import app.carder.web.room.RoomView;
import app.carder.web.room.SessionView;
import app.carder.web.rota.RotaService;
import app.carder.web.setting.Ids;
import app.carder.web.setting.OccasionDetails;
import app.carder.web.setting.OccasionService;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import app.carder.web.week.BlockPlace;
import app.carder.web.week.WeekService;
import java.math.BigDecimal;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Plans the demo's weeks: who is there, when it is closed, what stands on the board. */
@Component
class DemoWeeks {

    private static final List<DayOfWeek> WEEKDAYS = List.copyOf(EnumSet.range(DayOfWeek.MONDAY, DayOfWeek.FRIDAY));

    /** What stands in each zone of the Loft, the week before and this week. */
    private static final Map<String, List<String>> BOARD = Map.of(
            "Weighing desk", List.of("Rice by the kilo", "Rice by the kilo"),
            "Post office", List.of("The post shop", "String, knots and labels"),
            "Tray table", List.of("Stamp dough", "Ice parcels that melt"),
            "Writing", List.of("Stamp sheet puzzle", "Missing house number"),
            "Garden", List.of("The parcel chute", "Round of the postal worker"));

    private final RotaService rota;
    private final OccasionService occasions;
    private final WeekService weeks;
    private final InvestigationService investigations;
    private final AdultService adults;
    private final SettingService settings;

    DemoWeeks(
            RotaService rota,
            OccasionService occasions,
            WeekService weeks,
            InvestigationService investigations,
            AdultService adults,
            SettingService settings) {
        this.rota = rota;
        this.occasions = occasions;
        this.weeks = weeks;
        this.investigations = investigations;
        this.adults = adults;
        this.settings = settings;
    }

    /** First-aid certificates that are in date for years, and one adult who reacts to latex. */
    void aboutThemselves(List<Viewer> certified, Viewer sensitive) {
        Optional<LocalDate> until =
                Optional.of(settings.today(sensitive.settingId()).plusYears(2).withDayOfMonth(1));
        certified.forEach(one -> adults.write(one, new AdultDetails(until, List.of(), false)));
        adults.write(sensitive, new AdultDetails(Optional.empty(), List.of("latex"), false));
    }

    /** An early and a late one, with their lunches one after the other. */
    void shifts(RoomView room, Viewer early, Viewer late) {
        shift(room, early, 7, 45, 12, 0);
        shift(room, early, 12, 40, 16, 15);
        shift(room, late, 8, 0, 12, 40);
        shift(room, late, 13, 20, 17, 0);
    }

    void shift(RoomView room, Viewer adult, int hour, int minute, int untilHour, int untilMinute) {
        rota.addShifts(
                adult.settingId(),
                room.id(),
                adult.personId(),
                WEEKDAYS,
                LocalTime.of(hour, minute),
                LocalTime.of(untilHour, untilMinute));
    }

    void occasions(SettingId setting) {
        LocalDate monday = WeekService.mondayOf(settings.today(setting));
        occasions.add(
                setting,
                List.of(
                        new OccasionDetails(
                                monday.plusDays(11), monday.plusDays(11), "Closed: training for everyone", true),
                        new OccasionDetails(
                                monday.plusDays(8), monday.plusDays(8), "The postal worker visits at ten", false)));
    }

    /** A bean that was planted eight open days ago, drawn the last time, and an ice parcel that begins today. */
    void investigations(Viewer lead, RoomView room, Optional<Cleaned> drawing) {
        LocalDate today = settings.today(lead.settingId());
        OpenDays open = occasions.openDays(lead.settingId());
        UUID bean = Ids.next();
        investigations.begin(
                lead,
                bean,
                room.id(),
                new InvestigationDetails(
                        "Bean in the parcel box",
                        "Which way does the root go?",
                        "RUNNER_BEAN",
                        "cm",
                        open.plus(today, -8),
                        2,
                        3));
        List<String> measured = List.of("0", "0", "1.5", "4");
        List<String> notes = List.of(
                "Pushed into damp paper.",
                "\"It is fat now.\"",
                "A white tip, pointing down.",
                "One held the ruler, one read it.");
        for (int at = 0; at < measured.size(); at++) {
            investigations.read(
                    lead,
                    Ids.next(),
                    bean,
                    new ReadingDetails(
                            open.plus(today, 2 * at - 8), Optional.of(new BigDecimal(measured.get(at))), notes.get(at)),
                    at == 2 ? drawing : Optional.empty());
        }
        investigations.begin(
                lead,
                Ids.next(),
                room.id(),
                new InvestigationDetails("Ice parcel on the sill", "How small is it tomorrow?", "", "g", today, 1, 1));
    }

    /** Last week and this week. The tray table changes tomorrow, so that there is something to prepare. */
    void board(Viewer lead, RoomView room, Map<String, UUID> cards) {
        LocalDate today = settings.today(lead.settingId());
        LocalDate monday = WeekService.mondayOf(today);
        for (int week = 0; week < 2; week++) {
            LocalDate first = monday.minusWeeks(1L - week);
            Map<BlockPlace, UUID> blocks = new LinkedHashMap<>();
            for (int day = 0; day < WEEKDAYS.size(); day++) {
                for (SessionView session : room.sessionsOn(WEEKDAYS.get(day))) {
                    if (session.isPlay()) {
                        place(room, session, first.plusDays(day), week, cards, blocks);
                    }
                }
            }
            UUID tray = room.zones().stream()
                    .filter(zone -> zone.name().equals("Tray table"))
                    .findFirst()
                    .orElseThrow()
                    .id();
            blocks.replaceAll((at, card) ->
                    at.zoneId().equals(tray) && at.onDay().isAfter(today) ? Required.from(cards, "Stamp dough") : card);
            weeks.replace(lead, room.id(), first, blocks);
        }
    }

    private static void place(
            RoomView room,
            SessionView session,
            LocalDate on,
            int week,
            Map<String, UUID> cards,
            Map<BlockPlace, UUID> blocks) {
        boolean out = session.session().kind() == Kind.OUTDOORS;
        room.zones().stream()
                .filter(zone -> zone.name().equals("Garden") == out && BOARD.containsKey(zone.name()))
                .forEach(zone -> blocks.put(
                        new BlockPlace(on, session.id(), zone.id(), 0),
                        Required.from(cards, Required.from(BOARD, zone.name()).get(week))));
    }
}
