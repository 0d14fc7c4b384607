package app.carder.web.provocation;

import app.carder.web.account.Viewer;
import app.carder.web.page.NotFound;
import app.carder.web.page.Paging;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import java.time.Clock;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.data.domain.Limit;
import org.springframework.data.domain.PageRequest;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Provocation cards of a setting. */
@Service
public class ProvocationService {

    private static final Limit OF_A_ROOM = Limit.of(300);

    private final ProvocationRepository provocations;
    private final ProvocationMaterialRepository lines;
    private final SettingService settings;
    private final Clock clock;

    ProvocationService(
            ProvocationRepository provocations,
            ProvocationMaterialRepository lines,
            SettingService settings,
            Clock clock) {
        this.provocations = provocations;
        this.lines = lines;
        this.settings = settings;
        this.clock = clock;
    }

    /** Writes a new card. A second time with the same id changes nothing: a double click is one card. */
    @Transactional
    public void write(Viewer viewer, UUID id, UUID roomId, CardDetails details) {
        if (provocations.findByIdAndSettingId(id, viewer.settingId()).isPresent()) {
            return;
        }
        provocations.save(new Provocation(id, viewer.settingId(), roomId, details, viewer.name(), clock.instant()));
        putOut(viewer.settingId(), id, details);
    }

    /**
     * Rewrites a card, if nobody has changed it since it was opened.
     *
     * @param version that was opened
     * @return the card as it stands where somebody else was faster; empty where all is well
     */
    @Transactional
    public Optional<CardView> rewrite(Viewer viewer, UUID cardId, int version, CardDetails details) {
        Provocation card = find(viewer.settingId(), cardId);
        if (card.version() != version) {
            return Optional.of(view(viewer.settingId(), card));
        }
        card.rewrite(details, viewer.name(), clock.instant());
        lines.deleteBySettingIdAndProvocationId(viewer.settingId(), cardId);
        putOut(viewer.settingId(), cardId, details);
        return Optional.empty();
    }

    /**
     * One card.
     *
     * @throws NotFound if the setting has no such card
     */
    @Transactional(readOnly = true)
    public CardView get(SettingId settingId, UUID cardId) {
        return view(settingId, find(settingId, cardId));
    }

    /** All cards of a room by title, to choose from. */
    @Transactional(readOnly = true)
    public List<CardSummary> inRoom(SettingId settingId, UUID roomId) {
        return provocations.findBySettingIdAndRoomIdOrderByTitle(settingId, roomId, OF_A_ROOM).stream()
                .map(Provocation::summary)
                .toList();
    }

    /** The deck of a room, newest first; with a notch, only the cards that have it. */
    @Transactional(readOnly = true)
    public Paging<CardSummary> deck(SettingId settingId, UUID roomId, Optional<String> notch, int page) {
        PageRequest asked = PageRequest.of(Paging.number(page), Paging.ROWS);
        return Paging.of(notch.map(area -> provocations.withNotch(settingId, roomId, area, asked))
                .orElseGet(
                        () -> provocations.findBySettingIdAndRoomIdOrderByChangedAtDescIdDesc(settingId, roomId, asked))
                .map(Provocation::summary));
    }

    /** Some cards, by id. */
    @Transactional(readOnly = true)
    public Map<UUID, CardSummary> byId(SettingId settingId, Collection<UUID> ids) {
        return provocations.findBySettingIdAndIdIn(settingId, ids).stream()
                .map(Provocation::summary)
                .collect(Collectors.toMap(CardSummary::id, Function.identity()));
    }

    private void putOut(SettingId settingId, UUID cardId, CardDetails details) {
        for (int position = 0; position < details.lines().size(); position++) {
            lines.save(new ProvocationMaterial(
                    settingId, cardId, position, details.lines().get(position)));
        }
    }

    private Provocation find(SettingId settingId, UUID cardId) {
        return provocations.findByIdAndSettingId(cardId, settingId).orElseThrow(NotFound::new);
    }

    private CardView view(SettingId settingId, Provocation card) {
        List<CardDetails.Line> putOut =
                lines.findBySettingIdAndProvocationIdOrderByPosition(settingId, card.getId()).stream()
                        .map(ProvocationMaterial::line)
                        .toList();
        return new CardView(
                card.getId(),
                card.roomId(),
                card.version(),
                card.details(putOut),
                card.changedBy(),
                settings.local(settingId, card.changedAt()));
    }
}
