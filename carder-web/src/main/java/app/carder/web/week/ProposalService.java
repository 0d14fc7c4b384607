package app.carder.web.week;

import app.carder.web.account.Viewer;
import app.carder.web.page.NotFound;
import app.carder.web.room.RoomService;
import app.carder.web.room.RoomView;
import app.carder.web.setting.Ids;
import app.carder.web.setting.SettingId;
import com.github.kagkarlsson.scheduler.SchedulerClient;
import com.github.kagkarlsson.scheduler.SystemClock;
import java.time.Clock;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionOperations;

/** Proposed weeks: asked for here, worked on by {@link ProposalJob}, taken over or left. */
@Service
class ProposalService {

    private final WeekProposalRepository proposals;
    private final ProposedBlockRepository blocks;
    private final WeekService weeks;
    private final RoomService rooms;
    private final WeekBoards boards;
    private final SchedulerClient scheduler;
    private final TransactionOperations transaction;
    private final Clock clock;

    ProposalService(
            WeekProposalRepository proposals,
            ProposedBlockRepository blocks,
            WeekService weeks,
            RoomService rooms,
            WeekBoards boards,
            SchedulerClient scheduler,
            TransactionOperations transaction,
            Clock clock) {
        this.proposals = proposals;
        this.blocks = blocks;
        this.weeks = weeks;
        this.rooms = rooms;
        this.boards = boards;
        this.scheduler = scheduler;
        this.transaction = transaction;
        this.clock = clock;
    }

    /**
     * Asks for a proposal; its id. Where one is under way for the room, it is that one: a second would only take its time.
     */
    UUID ask(Viewer viewer, UUID roomId, LocalDate monday) {
        try {
            return Objects.requireNonNull(transaction.execute(
                    status -> open(viewer.settingId(), roomId).orElseGet(() -> begin(viewer, roomId, monday))));
        } catch (DataIntegrityViolationException sameAtTheSameMoment) {
            return open(viewer.settingId(), roomId).orElseThrow(() -> sameAtTheSameMoment);
        }
    }

    private Optional<UUID> open(SettingId settingId, UUID roomId) {
        return proposals
                .findBySettingIdAndRoomIdAndStateIn(settingId, roomId, WeekProposal.OPEN)
                .map(WeekProposal::getId);
    }

    private UUID begin(Viewer viewer, UUID roomId, LocalDate monday) {
        SettingId settingId = viewer.settingId();
        UUID id = Ids.next();
        int waiting = proposals.countBySettingIdAndStateIn(settingId, WeekProposal.OPEN);
        proposals.save(new WeekProposal(
                id, settingId, rooms.get(settingId, roomId).id(), monday, viewer.name(), clock.instant()));
        // By the scheduler's clock, which is the machine's.
        scheduler.schedule(ProposalJob.of(settingId, id, waiting), new SystemClock().now());
        return id;
    }

    /** Ends a proposal early; what was found so far is kept. */
    void wantStop(SettingId settingId, UUID id) {
        transaction.executeWithoutResult(status -> find(settingId, id).wantStop());
    }

    /** Takes some cards of a proposed week over on to the board; what is pinned there stays, and so does the proposal. */
    void take(Viewer viewer, UUID id, Set<UUID> blockIds) {
        transaction.executeWithoutResult(status -> {
            WeekProposal proposal = find(viewer.settingId(), id);
            if (proposal.state() == WeekProposal.State.READY) {
                weeks.add(
                        viewer,
                        proposal.roomId(),
                        blocks.findBySettingIdAndProposalId(viewer.settingId(), id).stream()
                                .filter(block -> blockIds.contains(block.getId()))
                                .collect(Collectors.toMap(ProposedBlock::at, ProposedBlock::cardId)));
            }
        });
    }

    /** The room and the week that a proposal is for. */
    WeekService.BlockHome home(SettingId settingId, UUID id) {
        WeekProposal proposal = find(settingId, id);
        return new WeekService.BlockHome(proposal.roomId(), proposal.monday());
    }

    /** Takes a proposed week over on to the board; what is pinned there stays. */
    void take(Viewer viewer, UUID id) {
        transaction.executeWithoutResult(status -> {
            WeekProposal proposal = find(viewer.settingId(), id);
            if (proposal.state() == WeekProposal.State.READY) {
                Map<BlockPlace, UUID> week = new LinkedHashMap<>();
                blocks.findBySettingIdAndProposalId(viewer.settingId(), id)
                        .forEach(block -> week.put(block.at(), block.cardId()));
                weeks.replace(viewer, proposal.roomId(), proposal.monday(), week);
                proposal.taken();
            }
        });
    }

    private WeekProposal find(SettingId settingId, UUID id) {
        return proposals.findByIdAndSettingId(id, settingId).orElseThrow(NotFound::new);
    }

    /** How far a proposal is, and what it says. */
    ProposalView view(SettingId settingId, UUID id) {
        return Objects.requireNonNull(transaction.execute(status -> {
            WeekProposal proposal = find(settingId, id);
            RoomView room = rooms.get(settingId, proposal.roomId());
            List<ProposedBlock> placed = blocks.findBySettingIdAndProposalId(settingId, id);
            return new ProposalView(
                    id,
                    room.id(),
                    proposal.monday(),
                    proposal.state() == WeekProposal.State.WAITING,
                    proposal.isOpen(),
                    proposal.state() == WeekProposal.State.READY,
                    proposal.state() == WeekProposal.State.TAKEN,
                    proposal.points(),
                    proposal.worked().toSeconds(),
                    placed.isEmpty()
                            ? Optional.empty()
                            : Optional.of(boards.proposed(settingId, room, proposal.monday(), placed)),
                    proposal.givenUp());
        }));
    }
}
