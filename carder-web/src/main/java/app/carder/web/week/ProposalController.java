package app.carder.web.week;

import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.card.CardPictures;
import app.carder.web.room.RoomService;
import app.carder.web.room.RoomView;
import app.carder.web.rota.RotaService;
import app.carder.web.setting.SettingService;
import app.carder.web.undo.CanBeUndone;
import app.carder.web.undo.Deed;
import java.time.LocalDate;
import java.util.Set;
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
    private final RotaService rota;
    private final CardPictures pictures;

    ProposalController(
            ProposalService proposals,
            RoomService rooms,
            SettingService settings,
            RotaService rota,
            CardPictures pictures) {
        this.rota = rota;
        this.pictures = pictures;
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
        boolean another = !proposals.home(viewer.settingId(), id).monday().equals(monday);
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
        RoomView room = rooms.get(viewer.settingId(), proposal.roomId());
        model.addAttribute("room", room);
        model.addAttribute("today", settings.today(viewer.settingId()));
        model.addAttribute("pictures", pictures.edition(viewer.settingId()));
        proposal.board()
                .ifPresent(board -> model.addAttribute(
                        "staffing",
                        rota.staffing(
                                viewer.settingId(),
                                room,
                                board.week().days().stream()
                                        .map(BoardView.Day::on)
                                        .toList())));
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
        WeekService.BlockHome week = proposals.home(viewer.settingId(), proposalId);
        return "redirect:/rooms/" + week.roomId() + "/week?of=" + week.monday();
    }

    /** Takes single cards of it, and leaves the rest to be looked at. */
    @PostMapping("/proposals/{proposalId}/take-some")
    @CanBeUndone(Deed.WEEK_CARD_PUT)
    String takeSome(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("proposalId") UUID proposalId,
            @RequestParam(name = "block", defaultValue = "") Set<UUID> blocks) {
        proposals.take(viewer, proposalId, blocks);
        return "redirect:/proposals/" + proposalId;
    }
}
