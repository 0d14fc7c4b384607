package app.carder.web.children;

import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.page.NotFound;
import app.carder.web.room.RoomService;
import app.carder.web.undo.CanBeUndone;
import app.carder.web.undo.Deed;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** The marks of a room: who has which, and another one for a child by dragging or by two presses. */
@Controller
@AllowedTo(Audience.STAFF)
class PegController {

    private final ChildService children;
    private final RoomService rooms;

    PegController(ChildService children, RoomService rooms) {
        this.children = children;
        this.rooms = rooms;
    }

    /**
     * A peg.
     *
     * @param mark over it
     * @param child whose it is
     */
    record Peg(PegMark mark, Optional<ChildView> child) {}

    @GetMapping("/rooms/{roomId}/pegs")
    ModelAndView pegs(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @RequestParam(name = "carry", required = false) @Nullable UUID carried) {
        List<ChildView> all = children.inRoom(viewer.settingId(), roomId);
        Map<PegMark, ChildView> byMark =
                all.stream().collect(Collectors.toMap(ChildView::pegMark, Function.identity()));
        return new ModelAndView("children/pegs")
                .addObject("room", rooms.get(viewer.settingId(), roomId))
                .addObject(
                        "pegs",
                        Arrays.stream(PegMark.values())
                                .map(mark -> new Peg(mark, Optional.ofNullable(byMark.get(mark))))
                                .toList())
                .addObject(
                        "carried",
                        all.stream().filter(child -> child.id().equals(carried)).findFirst());
    }

    /** Gives a child another mark; whoever has it gets the child's. */
    @PostMapping("/children/{childId}/peg")
    @CanBeUndone(Deed.CHILD_CHANGED)
    String hang(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("childId") UUID childId,
            @RequestParam("mark") String mark) {
        PegMark found = Arrays.stream(PegMark.values())
                .filter(one -> one.name().equals(mark))
                .findFirst()
                .orElseThrow(NotFound::new);
        return "redirect:/rooms/" + children.hang(viewer, childId, found).roomId() + "/pegs";
    }
}
