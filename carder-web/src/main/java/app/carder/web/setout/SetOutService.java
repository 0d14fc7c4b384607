package app.carder.web.setout;

import app.carder.core.safety.Level;
import app.carder.web.account.AccountService;
import app.carder.web.account.StaffView;
import app.carder.web.account.Viewer;
import app.carder.web.page.NotFound;
import app.carder.web.page.Required;
import app.carder.web.provocation.BenchView;
import app.carder.web.provocation.CardSummary;
import app.carder.web.provocation.CardView;
import app.carder.web.provocation.ProvocationService;
import app.carder.web.room.RoomView;
import app.carder.web.room.ZoneView;
import app.carder.web.setting.SettingId;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is out, where and when. */
@Service
public class SetOutService {

    private static final Limit OF_A_DAY = Limit.of(100);

    private final SetOutRepository setOuts;
    private final ProvocationService provocations;
    private final AccountService accounts;
    private final Clock clock;

    SetOutService(SetOutRepository setOuts, ProvocationService provocations, AccountService accounts, Clock clock) {
        this.setOuts = setOuts;
        this.provocations = provocations;
        this.accounts = accounts;
        this.clock = clock;
    }

    /**
     * Sets a card out. The same card in the same zone on the same day a second time changes nothing.
     *
     * @throws IllegalArgumentException if a finding of level "never" stands against it
     */
    @Transactional
    public void setOut(Viewer viewer, CardView card, BenchView bench, SetOutDetails details) {
        if (bench.isForbidden()) {
            throw new IllegalArgumentException("Card must not be set out while a finding says never.");
        }
        if (setOuts.existsBySettingIdAndProvocationIdAndZoneIdAndOnDay(
                viewer.settingId(), card.id(), details.zoneId(), details.onDay())) {
            return;
        }
        List<String> overruled = bench.findings().stream()
                .filter(finding -> finding.level() == Level.STOP_FOR)
                .map(finding -> finding.title() + ": " + finding.subject())
                .toList();
        setOuts.save(new SetOut(
                viewer.settingId(), card.id(), card.roomId(), details, overruled, viewer.name(), clock.instant()));
    }

    /** Puts a card away again. */
    @Transactional
    public void putAway(SettingId settingId, UUID setOutId) {
        setOuts.delete(setOuts.findByIdAndSettingId(setOutId, settingId).orElseThrow(NotFound::new));
    }

    /** What is out in a room on a day. */
    @Transactional(readOnly = true)
    public List<SetOutView> out(SettingId settingId, RoomView room, LocalDate on) {
        List<SetOut> found =
                setOuts.findBySettingIdAndRoomIdAndOnDayOrderBySetOutAt(settingId, room.id(), on, OF_A_DAY);
        if (found.isEmpty()) {
            return List.of();
        }
        Map<UUID, CardSummary> cards = provocations.byId(
                settingId, found.stream().map(SetOut::provocationId).toList());
        Map<UUID, ZoneView> zones = room.zones().stream().collect(Collectors.toMap(ZoneView::id, Function.identity()));
        Map<UUID, String> staff =
                accounts.staff(settingId).stream().collect(Collectors.toMap(StaffView::id, StaffView::name));
        return found.stream()
                .map(out -> new SetOutView(
                        out.getId(),
                        Required.from(cards, out.provocationId()),
                        Required.from(zones, out.zoneId()),
                        out.sessionId(),
                        out.adultId() == null ? "" : staff.getOrDefault(out.adultId(), ""),
                        out.overruledFindings(),
                        out.overruledBecause(),
                        out.setOutBy()))
                .toList();
    }
}
