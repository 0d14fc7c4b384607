package app.carder.web.week;

import app.carder.core.week.ProtectedPlay;
import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.card.CardPictures;
import app.carder.web.page.Download;
import app.carder.web.page.Printer;
import app.carder.web.room.RoomService;
import app.carder.web.room.RoomView;
import app.carder.web.room.SessionView;
import app.carder.web.setting.SettingService;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;

/** The week on paper and as tables. */
@Controller
@AllowedTo(Audience.STAFF)
class WeekPrintController {

    private final WeekBoards boards;
    private final RoomService rooms;
    private final SettingService settings;
    private final Printer printer;
    private final CardPictures pictures;

    WeekPrintController(
            WeekBoards boards, RoomService rooms, SettingService settings, Printer printer, CardPictures pictures) {
        this.boards = boards;
        this.rooms = rooms;
        this.settings = settings;
        this.printer = printer;
        this.pictures = pictures;
    }

    /** For the shelf on A4, for the wall on A3. */
    @GetMapping("/rooms/{roomId}/week.pdf")
    ResponseEntity<byte[]> print(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @RequestParam(name = "of", defaultValue = "") String of,
            @RequestParam(name = "paper", defaultValue = "A4") String paper) {
        RoomView room = rooms.get(viewer.settingId(), roomId);
        boolean wall = paper.equals("A3");
        return printer.download(
                "week.pdf",
                printer.print(
                        "week/print",
                        Map.of(
                                "room",
                                room,
                                "board",
                                board(viewer, room, of),
                                "wall",
                                wall,
                                "pictures",
                                pictures.printed(viewer.settingId(), roomId, wall ? 21 : 14, wall ? 14 : 9)),
                        Map.of()));
    }

    /** Every place of the week, those included where nothing stands. */
    @GetMapping("/rooms/{roomId}/week.csv")
    ResponseEntity<byte[]> table(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @RequestParam(name = "of", defaultValue = "") String of) {
        List<List<String>> rows = new ArrayList<>();
        for (BoardView.Day day :
                board(viewer, rooms.get(viewer.settingId(), roomId), of).days()) {
            for (BoardView.Session part : day.sessions()) {
                for (BoardView.Cell cell : part.cells()) {
                    rows.add(List.of(
                            day.on().toString(),
                            part.session().session().name(),
                            part.session().session().startsAt().toString(),
                            part.session().session().endsAt().toString(),
                            cell.label(),
                            cell.block().map(block -> block.card().title()).orElse(""),
                            cell.block().map(block -> block.mark().words()).orElse(""),
                            cell.block()
                                    .filter(BoardView.Block::pinned)
                                    .map(block -> "pinned")
                                    .orElse(""),
                            cell.block()
                                    .map(block -> block.gate().heldNamingNobody())
                                    .orElse(""),
                            cell.block().map(block -> block.gate().stays()).orElse("")));
                }
            }
        }
        return Download.table(
                "week.csv",
                List.of("day", "session", "from", "until", "place", "card", "mark", "pinned", "held", "stays"),
                rows);
    }

    private BoardView board(Viewer viewer, RoomView room, String of) {
        LocalDate monday = WeekService.mondayOf(of, settings.today(viewer.settingId()));
        return boards.board(viewer.settingId(), room, monday);
    }

    /** What the sessions of each day of the week leave to play. */
    @GetMapping("/rooms/{roomId}/sessions.csv")
    ResponseEntity<byte[]> sessions(@AuthenticationPrincipal Viewer viewer, @PathVariable("roomId") UUID roomId) {
        RoomView room = rooms.get(viewer.settingId(), roomId);
        List<List<String>> rows = new ArrayList<>();
        for (DayOfWeek day : DayOfWeek.values()) {
            List<SessionView> sessions = room.sessionsOn(day);
            if (!sessions.isEmpty()) {
                ProtectedPlay play = ProtectedPlay.of(
                        sessions.stream().map(one -> one.details().planned()).toList());
                rows.add(List.of(
                        day.getDisplayName(TextStyle.FULL, Locale.UK),
                        play.longest().map(stretch -> stretch.from().toString()).orElse(""),
                        play.longest()
                                .map(stretch -> Long.toString(stretch.length().toMinutes()))
                                .orElse("0"),
                        Integer.toString(play.breaks()),
                        Long.toString(play.outdoors().toMinutes()),
                        Long.toString(play.led().toMinutes()),
                        Long.toString(play.secondLanguage().toMinutes()),
                        Integer.toString(play.secondLanguagePercent())));
            }
        }
        return Download.table(
                "sessions.csv",
                List.of(
                        "day",
                        "longest unbroken play from",
                        "longest unbroken play in minutes",
                        "breaks that adults make",
                        "minutes out of doors",
                        "minutes led by an adult",
                        "minutes in the second language",
                        "second language in % of the day"),
                rows);
    }
}
