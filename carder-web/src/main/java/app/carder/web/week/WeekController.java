package app.carder.web.week;

import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.card.CardPictures;
import app.carder.web.card.CardService;
import app.carder.web.page.Days;
import app.carder.web.page.FormErrors;
import app.carder.web.page.NotFound;
import app.carder.web.page.Typed;
import app.carder.web.room.RoomService;
import app.carder.web.room.RoomView;
import app.carder.web.rota.RotaService;
import app.carder.web.setting.SettingService;
import app.carder.web.undo.CanBeUndone;
import app.carder.web.undo.Deed;
import app.carder.web.week.WeekCopyService.Copying;
import app.carder.web.week.WeekService.BlockHome;
import app.carder.web.week.WeekService.Moving;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** The week board. Everything on it works with links and buttons; dragging is a shorter way to the same. */
@Controller
@AllowedTo(Audience.STAFF)
class WeekController {

    private final WeekService weeks;
    private final WeekBoards boards;
    private final WeekCopyService copies;
    private final RoomService rooms;
    private final CardService deck;
    private final RotaService rota;
    private final SettingService settings;
    private final CardPictures pictures;
    private final StayService stays;

    WeekController(
            WeekService weeks,
            WeekBoards boards,
            WeekCopyService copies,
            RoomService rooms,
            CardService deck,
            RotaService rota,
            SettingService settings,
            CardPictures pictures,
            StayService stays) {
        this.stays = stays;
        this.pictures = pictures;
        this.weeks = weeks;
        this.boards = boards;
        this.copies = copies;
        this.rooms = rooms;
        this.deck = deck;
        this.rota = rota;
        this.settings = settings;
    }

    @GetMapping("/week")
    String home(@AuthenticationPrincipal Viewer viewer) {
        return "redirect:/rooms/" + rooms.home(viewer).id() + "/week";
    }

    /** The board; with a card or a block to carry, each place offers to take it. */
    @GetMapping("/rooms/{roomId}/week")
    ModelAndView open(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @RequestParam(name = "of", defaultValue = "") String of,
            @RequestParam(name = "card", required = false) @Nullable UUID card,
            @RequestParam(name = "block", required = false) @Nullable UUID block) {
        ModelAndView page = board(viewer, rooms.get(viewer.settingId(), roomId), monday(viewer, of), "week/board");
        page.addObject("carriedCard", card == null ? null : deck.get(viewer.settingId(), card));
        page.addObject("carriedBlock", block == null ? null : block);
        page.addObject(
                "carriedDay",
                block == null ? null : weeks.block(viewer.settingId(), block).onDay());
        return page;
    }

    @PostMapping("/rooms/{roomId}/week/blocks")
    @CanBeUndone(Deed.WEEK_CARD_PUT)
    ModelAndView put(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @RequestParam MultiValueMap<String, String> parameters,
            @RequestHeader(name = "HX-Request-Type", defaultValue = "full") String requestType) {
        Typed typed = Typed.of(parameters);
        RoomView room = rooms.get(viewer.settingId(), roomId);
        BlockPlace at = BlockPlace.ofKey(typed.text("at"));
        weeks.put(viewer, room, at, typed.id("card").orElseThrow(NotFound::new));
        return answer(viewer, room, WeekService.mondayOf(at.onDay()), requestType);
    }

    /** All the days that a card stays in one place, moved or copied together. */
    @PostMapping("/stays/{blockId}/move")
    @CanBeUndone(Deed.WEEK_CARD_MOVED)
    ModelAndView moveStay(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("blockId") UUID blockId,
            @RequestParam MultiValueMap<String, String> parameters,
            @RequestHeader(name = "HX-Request-Type", defaultValue = "full") String requestType) {
        Typed typed = Typed.of(parameters);
        BlockHome home = weeks.home(viewer.settingId(), blockId);
        BlockPlace to = BlockPlace.ofKey(typed.text("at"));
        stays.move(
                viewer,
                blockId,
                Days.read(typed.text("held"))
                        .orElseGet(
                                () -> weeks.block(viewer.settingId(), blockId).onDay()),
                to,
                typed.has("how", "copy") ? Moving.COPY : Moving.MOVE);
        return answer(viewer, home, requestType);
    }

    /** A card stays until another day of its week. */
    @PostMapping("/stays/{blockId}/until")
    @CanBeUndone(Deed.WEEK_CARD_MOVED)
    ModelAndView keepUntil(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("blockId") UUID blockId,
            @RequestParam MultiValueMap<String, String> parameters,
            @RequestHeader(name = "HX-Request-Type", defaultValue = "full") String requestType) {
        return done(
                viewer,
                blockId,
                requestType,
                () -> Days.read(Typed.of(parameters).text("day"))
                        .ifPresent(day -> stays.keepUntil(viewer, blockId, day)));
    }

    @PostMapping("/stays/{blockId}/pin")
    @CanBeUndone(Deed.WEEK_CARD_PINNED)
    ModelAndView pinStay(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("blockId") UUID blockId,
            @RequestHeader(name = "HX-Request-Type", defaultValue = "full") String requestType) {
        return done(viewer, blockId, requestType, () -> stays.pin(viewer.settingId(), blockId));
    }

    @PostMapping("/stays/{blockId}/remove")
    @CanBeUndone(Deed.WEEK_CARD_REMOVED)
    ModelAndView removeStay(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("blockId") UUID blockId,
            @RequestHeader(name = "HX-Request-Type", defaultValue = "full") String requestType) {
        return done(viewer, blockId, requestType, () -> stays.remove(viewer.settingId(), blockId));
    }

    @PostMapping("/blocks/{blockId}/remove")
    @CanBeUndone(Deed.WEEK_CARD_REMOVED)
    ModelAndView remove(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("blockId") UUID blockId,
            @RequestHeader(name = "HX-Request-Type", defaultValue = "full") String requestType) {
        return done(viewer, blockId, requestType, () -> weeks.remove(viewer.settingId(), blockId));
    }

    @PostMapping("/rooms/{roomId}/week/copy-day")
    @CanBeUndone(Deed.DAY_COPIED)
    ModelAndView copyDay(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @RequestParam MultiValueMap<String, String> parameters) {
        Typed typed = Typed.of(parameters);
        RoomView room = rooms.get(viewer.settingId(), roomId);
        FormErrors errors = new FormErrors();
        Optional<LocalDate> from = typed.day("from", errors);
        List<LocalDate> to = typed.all("to").stream()
                .flatMap(text -> Days.read(text).stream())
                .filter(day -> from.isPresent() && !day.equals(from.get()))
                .toList();
        if (from.isEmpty()) {
            return answer(viewer, room, monday(viewer, ""), "full");
        }
        copies.copyDay(viewer, room, from.get(), to);
        return answer(viewer, room, WeekService.mondayOf(from.get()), "full");
    }

    @PostMapping("/rooms/{roomId}/week/copy-last")
    @CanBeUndone(Deed.WEEK_COPIED)
    ModelAndView copyLast(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @RequestParam(name = "of", defaultValue = "") String of,
            @RequestParam(name = "what", defaultValue = "all") String what) {
        RoomView room = rooms.get(viewer.settingId(), roomId);
        LocalDate monday = monday(viewer, of);
        copies.copyLastWeek(viewer, room, monday, what.equals("chosen") ? Copying.STILL_CHOSEN : Copying.ALL);
        return answer(viewer, room, monday, "full");
    }

    @PostMapping("/rooms/{roomId}/week/ban")
    @CanBeUndone(Deed.WEEK_CARD_BANNED)
    ModelAndView ban(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @RequestParam(name = "of", defaultValue = "") String of,
            @RequestParam MultiValueMap<String, String> parameters,
            @RequestHeader(name = "HX-Request-Type", defaultValue = "full") String requestType) {
        RoomView room = rooms.get(viewer.settingId(), roomId);
        LocalDate monday = monday(viewer, of);
        weeks.ban(viewer, room.id(), monday, Typed.of(parameters).id("card").orElseThrow(NotFound::new));
        return answer(viewer, room, monday, requestType);
    }

    /** Does something to a block, which may be gone afterwards, and answers with the week that it stands in. */
    private ModelAndView done(Viewer viewer, UUID blockId, String requestType, Runnable what) {
        BlockHome home = weeks.home(viewer.settingId(), blockId);
        what.run();
        return answer(viewer, home, requestType);
    }

    private ModelAndView answer(Viewer viewer, BlockHome home, String requestType) {
        return answer(viewer, rooms.get(viewer.settingId(), home.roomId()), home.monday(), requestType);
    }

    private ModelAndView answer(Viewer viewer, RoomView room, LocalDate monday, String requestType) {
        return requestType.equals("partial")
                ? board(viewer, room, monday, "week/board :: board")
                : new ModelAndView("redirect:/rooms/" + room.id() + "/week?of=" + monday);
    }

    private ModelAndView board(Viewer viewer, RoomView room, LocalDate monday, String view) {
        BoardView board = boards.board(viewer.settingId(), room, monday);
        ModelAndView page = new ModelAndView(view);
        page.addObject("room", room);
        page.addObject("rooms", rooms.all(viewer.settingId()));
        page.addObject("board", board);
        page.addObject("pictures", pictures.edition(viewer.settingId()));
        page.addObject("today", settings.today(viewer.settingId()));
        page.addObject(
                "staffing",
                rota.staffing(
                        viewer.settingId(),
                        room,
                        board.days().stream().map(BoardView.Day::on).toList()));
        return page;
    }

    private LocalDate monday(Viewer viewer, String of) {
        return WeekService.mondayOf(of, settings.today(viewer.settingId()));
    }
}
