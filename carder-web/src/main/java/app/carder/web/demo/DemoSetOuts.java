package app.carder.web.demo;

import app.carder.core.ladder.LadderStep;
import app.carder.web.account.Viewer;
import app.carder.web.card.CardService;
import app.carder.web.card.CardView;
import app.carder.web.page.Required;
import app.carder.web.room.RoomView;
import app.carder.web.setout.SetOutDetails;
import app.carder.web.setout.SetOutService;
import app.carder.web.setout.SetOutView;
import app.carder.web.setting.SettingService;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What the made-up rooms have out, and had. */
@Component
class DemoSetOuts {

    private static final int PREPARATION_MINUTES = 6;
    private static final int LONGEST_PAUSE_DAYS = 400;

    private final SettingService settings;
    private final CardService deck;
    private final SetOutService setOuts;

    DemoSetOuts(SettingService settings, CardService deck, SetOutService setOuts) {
        this.settings = settings;
        this.deck = deck;
        this.setOuts = setOuts;
    }

    /** Sets a card out now. */
    void today(Viewer lead, RoomView room, Map<String, UUID> cards, String title, String zone, Viewer adult) {
        setOut(lead, room, Required.from(cards, title), zone, adult, settings.now(lead.settingId()), null);
    }

    /** A card that stood ready a minute before the children were watched at it. */
    void before(Viewer lead, RoomView room, Map<String, UUID> cards, String title, String zone, int daysAgo) {
        Instant ready =
                DemoPlay.watchedFrom(settings, lead.settingId(), daysAgo).minusSeconds(60);
        setOut(lead, room, Required.from(cards, title), zone, lead, ready, PREPARATION_MINUTES);
    }

    /** Sets out again what was out last, if nothing is; whether it did. */
    boolean again(Viewer lead, RoomView room) {
        LocalDate today = settings.today(lead.settingId());
        if (!setOuts.out(lead.settingId(), room, today).isEmpty()) {
            return false;
        }
        List<SetOutView> last = Stream.iterate(today.minusDays(1), day -> day.minusDays(1))
                .limit(LONGEST_PAUSE_DAYS)
                .map(day -> setOuts.out(lead.settingId(), room, day))
                .filter(out -> !out.isEmpty())
                .findFirst()
                .orElse(List.of());
        last.forEach(one ->
                setOut(lead, room, one.card().id(), one.zone().name(), lead, settings.now(lead.settingId()), null));
        return !last.isEmpty();
    }

    private void setOut(
            Viewer lead,
            RoomView room,
            UUID cardId,
            String zone,
            Viewer adult,
            Instant at,
            @Nullable Integer preparationMinutes) {
        LocalDate on = settings.local(lead.settingId(), at).toLocalDate();
        CardView card = deck.get(lead.settingId(), cardId);
        setOuts.setOut(
                lead,
                card,
                new SetOutDetails(
                        room.zones().stream()
                                .filter(found -> found.name().equals(zone))
                                .findFirst()
                                .orElseThrow()
                                .id(),
                        null,
                        null,
                        on,
                        adult.personId(),
                        "Small group of two, adult beside them throughout.",
                        LadderStep.AS_IS,
                        preparationMinutes),
                at);
    }
}
