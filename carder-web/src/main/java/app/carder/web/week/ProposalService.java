package app.carder.web.week;

import app.carder.web.account.Viewer;
import app.carder.web.card.CardService;
import app.carder.web.card.CardSummary;
import app.carder.web.page.NotFound;
import app.carder.web.page.Required;
import app.carder.web.room.RoomService;
import app.carder.web.room.RoomView;
import app.carder.web.room.SessionView;
import app.carder.web.setting.Ids;
import app.carder.web.setting.SettingId;
import com.github.kagkarlsson.scheduler.SchedulerClient;
import com.github.kagkarlsson.scheduler.SystemClock;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
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
    private final CardService deck;
    private final SchedulerClient scheduler;
    private final TransactionOperations transaction;
    private final Clock clock;

    ProposalService(
            WeekProposalRepository proposals,
            ProposedBlockRepository blocks,
            WeekService weeks,
            RoomService rooms,
            CardService deck,
            SchedulerClient scheduler,
            TransactionOperations transaction,
            Clock clock) {
        this.proposals = proposals;
        this.blocks = blocks;
        this.weeks = weeks;
        this.rooms = rooms;
        this.deck = deck;
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
                    days(settingId, room, placed),
                    proposal.givenUp());
        }));
    }

    private List<ProposalView.Day> days(SettingId settingId, RoomView room, List<ProposedBlock> placed) {
        Map<UUID, CardSummary> cards = deck.byId(
                settingId, placed.stream().map(ProposedBlock::cardId).distinct().toList());
        Map<UUID, SessionView> sessions =
                room.sessions().stream().collect(Collectors.toMap(SessionView::id, session -> session));
        Map<UUID, String> zones =
                room.zones().stream().collect(Collectors.toMap(zone -> zone.id(), zone -> zone.name()));
        Map<LocalDate, List<ProposedBlock>> byDay = placed.stream()
                .sorted(Comparator.comparing((ProposedBlock block) -> block.at().onDay())
                        .thenComparing(
                                block -> Required.from(sessions, block.at().sessionId())
                                        .session()
                                        .startsAt())
                        .thenComparing(block -> zones.getOrDefault(block.at().zoneId(), ""))
                        .thenComparing(block -> block.at().place()))
                .collect(Collectors.groupingBy(block -> block.at().onDay(), LinkedHashMap::new, Collectors.toList()));
        List<ProposalView.Day> days = new ArrayList<>();
        byDay.forEach((on, of) -> days.add(new ProposalView.Day(
                on,
                of.stream()
                        .map(block -> new ProposalView.Placed(
                                Required.from(sessions, block.at().sessionId())
                                                .session()
                                                .startsAt()
                                        + " "
                                        + Required.from(sessions, block.at().sessionId())
                                                .session()
                                                .name(),
                                zones.getOrDefault(block.at().zoneId(), ""),
                                Required.from(cards, block.cardId()),
                                block.because()))
                        .toList())));
        return days;
    }
}
