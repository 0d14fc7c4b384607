package app.carder.web.week;

import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.room.RoomService;
import app.carder.web.setting.SettingService;
import app.carder.web.undo.CanBeUndone;
import app.carder.web.undo.Deed;
import java.time.LocalDate;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;

/** Asks for a proposed week, shows how far it is and why, and takes it over. */
@Controller
@AllowedTo(Audience.STAFF)
class ProposalController {

    private final ProposalService proposals;
    private final RoomService rooms;
    private final SettingService settings;

    ProposalController(ProposalService proposals, RoomService rooms, SettingService settings) {
        this.proposals = proposals;
        this.rooms = rooms;
        this.settings = settings;
    }

    @PostMapping("/rooms/{roomId}/week/propose")
    String ask(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @RequestParam(name = "of", defaultValue = "") String of) {
        LocalDate monday = WeekService.mondayOf(of, settings.today(viewer.settingId()));
        UUID id = proposals.ask(viewer, roomId, monday);
        boolean another = !proposals.view(viewer.settingId(), id).monday().equals(monday);
        return "redirect:/proposals/" + id + (another ? "?instead=true" : "");
    }

    @GetMapping("/proposals/{proposalId}")
    String show(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("proposalId") UUID proposalId,
            @RequestParam(name = "instead", defaultValue = "false") boolean instead,
            @RequestHeader(name = "HX-Request-Type", defaultValue = "full") String requestType,
            Model model) {
        ProposalView proposal = proposals.view(viewer.settingId(), proposalId);
        model.addAttribute("proposal", proposal);
        model.addAttribute("instead", instead && proposal.running());
        model.addAttribute("room", rooms.get(viewer.settingId(), proposal.roomId()));
        return requestType.equals("partial") ? "week/proposal :: state" : "week/proposal";
    }

    @PostMapping("/proposals/{proposalId}/stop")
    String stop(@AuthenticationPrincipal Viewer viewer, @PathVariable("proposalId") UUID proposalId) {
        proposals.wantStop(viewer.settingId(), proposalId);
        return "redirect:/proposals/" + proposalId;
    }

    @PostMapping("/proposals/{proposalId}/take")
    @CanBeUndone(Deed.WEEK_TAKEN)
    String take(@AuthenticationPrincipal Viewer viewer, @PathVariable("proposalId") UUID proposalId) {
        proposals.take(viewer, proposalId);
        ProposalView taken = proposals.view(viewer.settingId(), proposalId);
        return "redirect:/rooms/" + taken.roomId() + "/week?of=" + taken.monday();
    }
}
