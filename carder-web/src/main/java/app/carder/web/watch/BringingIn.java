package app.carder.web.watch;

import app.carder.core.enrolment.EarlierNotes;
import app.carder.core.enrolment.EarlierNotes.Note;
import app.carder.core.enrolment.Enrolment.Fault;
import app.carder.core.said.Said;
import app.carder.core.wording.Folding;
import app.carder.web.account.Viewer;
import app.carder.web.children.ChildService;
import app.carder.web.children.ChildView;
import app.carder.web.room.RoomView;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import app.carder.web.watch.BroughtIn.Line;
import java.nio.charset.StandardCharsets;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Brings notes of earlier records in as observations, each once however often it is sent. */
@Service
class BringingIn {

    private final ObservationService observations;
    private final ChildService children;
    private final SettingService settings;

    BringingIn(ObservationService observations, ChildService children, SettingService settings) {
        this.observations = observations;
        this.children = children;
        this.settings = settings;
    }

    /** What would be brought in; nothing is written. */
    @Transactional(readOnly = true)
    BroughtIn look(SettingId settingId, RoomView room, EarlierNotes.Result read, String source) {
        List<ChildView> ofRoom = children.inRoom(settingId, room.id());
        List<Line> lines = new ArrayList<>();
        List<Fault> faults = new ArrayList<>(read.faults());
        Set<UUID> seen = new HashSet<>();
        for (Note note : read.notes()) {
            List<Said> wrong = new ArrayList<>();
            List<ChildView> about = note.children().stream()
                    .flatMap(name -> named(ofRoom, name, wrong).stream())
                    .distinct()
                    .toList();
            wrong.forEach(why -> faults.add(new Fault(note.line(), String.join(", ", note.children()), why)));
            if (wrong.isEmpty()) {
                Map<UUID, UUID> ids = ids(settingId, note, about);
                boolean isKnown =
                        observations.known(settingId, ids.values()).size() == ids.size() || !seen.addAll(ids.values());
                lines.add(new Line(note, about, isKnown));
            }
        }
        faults.sort(Comparator.comparingInt(Fault::line));
        return new BroughtIn(
                lines, faults, (int) lines.stream().filter(Line::isKnown).count(), source);
    }

    /** By the first name, or by the first name and another one. */
    private static Optional<ChildView> named(List<ChildView> ofRoom, String name, List<Said> wrong) {
        String folded = Folding.folded(name);
        List<ChildView> found = ofRoom.stream()
                .filter(child -> Stream.concat(
                                Stream.of(child.name()),
                                child.otherNames().stream()
                                        .flatMap(other -> Stream.of(other, child.name() + " " + other)))
                        .anyMatch(one -> Folding.folded(one).equals(folded)))
                .toList();
        if (found.size() != 1) {
            wrong.add(
                    found.isEmpty()
                            ? Said.of("earlier-notes.child-unknown", name)
                            : Said.of("earlier-notes.child-twice", name));
        }
        return found.size() == 1 ? Optional.of(found.get(0)) : Optional.empty();
    }

    /** The id of each child's record follows from what it says, so that the same is brought in once. */
    private static Map<UUID, UUID> ids(SettingId settingId, Note note, List<ChildView> about) {
        Map<UUID, UUID> ids = new LinkedHashMap<>();
        about.forEach(child -> ids.put(
                child.id(),
                UUID.nameUUIDFromBytes((settingId.value() + "|" + child.id() + "|" + note.on() + "|" + note.note())
                        .getBytes(StandardCharsets.UTF_8))));
        return ids;
    }

    /** Brings in what is new, all at once. */
    @Transactional
    int bring(Viewer viewer, RoomView room, EarlierNotes.Result read) {
        BroughtIn view = look(viewer.settingId(), room, read, "");
        ZoneId zone = settings.get(viewer.settingId()).zone();
        view.lines().stream().filter(line -> !line.isKnown()).forEach(line -> {
            Map<UUID, UUID> ids = ids(viewer.settingId(), line.note(), line.children());
            observations.bringIn(
                    viewer,
                    room.id(),
                    ids,
                    new ObservationDetails(
                            ids.keySet(),
                            ObservationWords.of(line.note().note()),
                            Optional.empty(),
                            Set.of(),
                            // Nobody knows the hour: noon is on that day in every zone nearby.
                            line.note().on().atTime(LocalTime.NOON).atZone(zone).toInstant()),
                    line.note().by());
        });
        return view.fresh();
    }
}
