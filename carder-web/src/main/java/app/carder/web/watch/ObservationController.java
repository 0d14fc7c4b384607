package app.carder.web.watch;

import app.carder.core.framework.Framework;
import app.carder.core.watch.Involvement;
import app.carder.core.watch.Schema;
import app.carder.core.watch.WellBeing;
import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.audit.HistoryLog;
import app.carder.web.children.ChildService;
import app.carder.web.children.ChildView;
import app.carder.web.media.PhotoService;
import app.carder.web.media.PhotoService.Cleaned;
import app.carder.web.page.FormErrors;
import app.carder.web.page.NotFound;
import app.carder.web.page.Typed;
import app.carder.web.room.RoomService;
import app.carder.web.room.RoomView;
import app.carder.web.setout.SetOutService;
import app.carder.web.setout.SetOutView;
import app.carder.web.setting.Ids;
import app.carder.web.setting.SettingService;
import app.carder.web.undo.CanBeUndone;
import app.carder.web.undo.Deed;
import app.carder.web.watch.ObservationService.Receipt;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.ModelAndView;

/** Writing down what was seen at a desk, without any script, and rewording what was written. */
@Controller
@AllowedTo(Audience.STAFF)
class ObservationController {

    private static final int NEWEST = 5;

    private final ObservationService observations;
    private final RoomService rooms;
    private final ChildService children;
    private final SetOutService setOuts;
    private final PhotoService photos;
    private final HistoryLog history;
    private final SettingService settings;

    ObservationController(
            ObservationService observations,
            RoomService rooms,
            ChildService children,
            SetOutService setOuts,
            PhotoService photos,
            HistoryLog history,
            SettingService settings) {
        this.observations = observations;
        this.rooms = rooms;
        this.children = children;
        this.setOuts = setOuts;
        this.photos = photos;
        this.history = history;
        this.settings = settings;
    }

    @GetMapping("/rooms/{roomId}/watch")
    ModelAndView watch(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @RequestParam(name = "child", required = false) @Nullable UUID child) {
        Typed typed = Typed.nothing().with("id", Ids.next());
        return page(viewer, roomId, child == null ? typed : typed.with("child", child), new FormErrors());
    }

    @PostMapping("/rooms/{roomId}/observations")
    ModelAndView save(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @RequestParam MultiValueMap<String, String> parameters,
            @RequestParam(name = "photo", required = false) @Nullable MultipartFile photo) {
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        if (receive(viewer, roomId, typed, photo, errors).isEmpty()) {
            return page(viewer, roomId, typed, errors);
        }
        return new ModelAndView("redirect:/rooms/" + roomId + "/watch?saved");
    }

    @GetMapping("/observations/{observationId}")
    ModelAndView open(@AuthenticationPrincipal Viewer viewer, @PathVariable("observationId") UUID observationId) {
        ObservationView observation = observations.get(viewer.settingId(), observationId);
        Typed typed = Typed.nothing()
                .with("note", observation.note())
                .with(
                        "involvement",
                        observation
                                .involvement()
                                .map(level -> "" + level.level())
                                .orElse(""))
                .with(
                        "wellBeing",
                        observation
                                .words()
                                .wellBeing()
                                .map(level -> "" + level.level())
                                .orElse(""))
                .with(
                        "schemas",
                        observation.words().schemas().stream().map(Schema::name).toList())
                .with("nextStep", observation.words().nextStep())
                .with("areas", List.copyOf(observation.areas()))
                .with("statements", List.copyOf(observation.statements()))
                .with("version", observation.version());
        return record(viewer, observation, typed, new FormErrors());
    }

    @PostMapping("/observations/{observationId}")
    @CanBeUndone(Deed.OBSERVATION_CHANGED)
    ModelAndView reword(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("observationId") UUID observationId,
            @RequestParam MultiValueMap<String, String> parameters) {
        ObservationView observation = observations.get(viewer.settingId(), observationId);
        RoomView room = rooms.get(viewer.settingId(), observation.roomId());
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        Framework framework = observation.frameworkOr(room.framework());
        ObservationWords words = new ObservationForm(typed, errors, framework)
                .words(observation.photo().isPresent())
                .keepingOf(observation.words(), framework);
        if (!errors.any() && !observations.reword(viewer, observationId, typed.version(), words)) {
            errors.add("version", "form.changedMeanwhile");
            typed.with("version", observation.version());
        }
        return errors.any()
                ? record(viewer, observation, typed, errors)
                : new ModelAndView("redirect:/observations/" + observationId + "?saved");
    }

    /** Empty where something is wrong; the errors say what. */
    private Optional<Receipt> receive(
            Viewer viewer, UUID roomId, Typed typed, @Nullable MultipartFile photo, FormErrors errors) {
        RoomView room = rooms.get(viewer.settingId(), roomId);
        UUID id = typed.id("id").orElseThrow(NotFound::new);
        if (observations.isKnown(viewer.settingId(), id)) {
            return Optional.of(Receipt.KNOWN);
        }
        Optional<MultipartFile> sent = Optional.ofNullable(photo).filter(file -> !file.isEmpty());
        Set<UUID> childrenOfRoom = children.inRoom(viewer.settingId(), roomId).stream()
                .map(ChildView::id)
                .collect(Collectors.toSet());
        Optional<UUID> card = typed.id("card")
                .filter(chosen -> out(viewer, room).stream()
                        .anyMatch(found -> found.card().id().equals(chosen)));
        Optional<ObservationDetails> details = new ObservationForm(typed, errors, room.framework())
                .read(childrenOfRoom, card, sent.isPresent(), settings.now(viewer.settingId()));
        Optional<Cleaned> cleaned = sent.flatMap(file -> photos.clean(file, "photo", errors));
        if (details.isEmpty() || errors.any()) {
            return Optional.empty();
        }
        try {
            return Optional.of(observations.save(viewer, id, roomId, details.get(), cleaned));
        } catch (DataIntegrityViolationException sameIdAtTheSameMoment) {
            return Optional.of(Receipt.KNOWN);
        }
    }

    private List<SetOutView> out(Viewer viewer, RoomView room) {
        return setOuts.out(viewer.settingId(), room, settings.today(viewer.settingId()));
    }

    private ModelAndView page(Viewer viewer, UUID roomId, Typed typed, FormErrors errors) {
        RoomView room = rooms.get(viewer.settingId(), roomId);
        List<ChildView> all = new ArrayList<>(children.inRoom(viewer.settingId(), roomId));
        var today = settings.today(viewer.settingId());
        all.sort((a, b) -> Boolean.compare(!a.attendsOn(today), !b.attendsOn(today)));
        ModelAndView page = new ModelAndView("watch/watch");
        page.setStatus(errors.any() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK);
        page.addObject("room", room);
        page.addObject("rooms", rooms.all(viewer.settingId()));
        page.addObject("children", all);
        page.addObject("today", today);
        page.addObject("out", out(viewer, room));
        page.addObject("newest", observations.newest(viewer.settingId(), roomId, NEWEST));
        page.addObject("levels", Involvement.values());
        page.addObject("ease", WellBeing.values());
        page.addObject("schemas", Schema.values());
        page.addObject("typed", typed);
        page.addObject("errors", errors);
        return page;
    }

    private ModelAndView record(Viewer viewer, ObservationView observation, Typed typed, FormErrors errors) {
        ModelAndView page = new ModelAndView("watch/observation");
        page.setStatus(errors.any() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK);
        page.addObject("observation", observation);
        RoomView room = rooms.get(viewer.settingId(), observation.roomId());
        page.addObject("room", room);
        page.addObject("framework", observation.frameworkOr(room.framework()));
        page.addObject(
                "children",
                children.byId(viewer.settingId(), observation.childIds()).values());
        page.addObject("earlier", history.of(viewer.settingId(), observation.id()));
        page.addObject("levels", Involvement.values());
        page.addObject("ease", WellBeing.values());
        page.addObject("schemas", Schema.values());
        page.addObject("typed", typed);
        page.addObject("errors", errors);
        return page;
    }
}
