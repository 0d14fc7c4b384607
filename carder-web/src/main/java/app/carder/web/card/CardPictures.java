package app.carder.web.card;

import app.carder.core.card.SettingOut;
import app.carder.core.cupboard.Stocked;
import app.carder.core.picture.SetUpPicture;
import app.carder.core.said.Catalogue;
import app.carder.web.material.MaterialService;
import app.carder.web.material.MaterialView;
import app.carder.web.page.Required;
import app.carder.web.picture.PictureSvg;
import app.carder.web.setting.Area;
import app.carder.web.setting.Changes;
import app.carder.web.setting.SettingId;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** How cards look set out: drawn once, and kept until a card or the cupboard changes. */
@Service
public class CardPictures {

    /** Characters of all that is kept. */
    private static final long MOST_KEPT = 16_000_000;

    private final Cache<Drawn, Map<UUID, String>> kept = Caffeine.newBuilder()
            .maximumWeight(MOST_KEPT)
            .weigher((Drawn room, Map<UUID, String> pictures) ->
                    pictures.values().stream().mapToInt(String::length).sum())
            .build();

    private final CardService deck;
    private final ContentsService contents;
    private final MaterialService materials;
    private final Changes changes;

    CardPictures(CardService deck, ContentsService contents, MaterialService materials, Changes changes) {
        this.deck = deck;
        this.contents = contents;
        this.materials = materials;
        this.changes = changes;
    }

    /** What the addresses of small pictures end with: what was fetched there is right as long as no card and nothing in the cupboard changes. */
    public long edition(SettingId settingId) {
        return changes.count(settingId, Area.CARDS);
    }

    /** The small pictures of all cards of a room, as SVG, by card: drawn once for an edition, as long as there is room to keep them. */
    public Map<UUID, String> ofRoom(SettingId settingId, UUID roomId) {
        Drawn drawn = new Drawn(
                settingId, roomId, edition(settingId), Catalogue.spoken().locale());
        return kept.get(
                drawn, key -> draw(settingId, roomId, picture -> PictureSvg.of(picture.drawn(), picture.title(), "p")));
    }

    /** What tells kept pictures apart. */
    private record Drawn(SettingId settingId, UUID roomId, long edition, Locale language) {}

    private record Titled(String title, SetUpPicture drawn) {}

    private Map<UUID, String> draw(SettingId settingId, UUID roomId, Function<Titled, String> write) {
        List<CardView> cards = deck.whole(settingId, roomId);
        Map<UUID, LaidOut> laid = contents.lay(settingId, cards);
        return cards.stream()
                .collect(Collectors.toMap(
                        CardView::id,
                        card -> write.apply(new Titled(
                                card.title(),
                                draw(Required.from(laid, card.id()), card.card().settingOut(), List.of())))));
    }

    /**
     * The pictures of all cards of a room as they are printed, by card; those with nothing to draw are left out.
     *
     * @param widthMm they are no wider
     * @param heightMm they are no higher
     */
    @Transactional(readOnly = true)
    public Map<UUID, String> printed(SettingId settingId, UUID roomId, int widthMm, int heightMm) {
        Map<UUID, String> printed = new HashMap<>(draw(
                settingId,
                roomId,
                picture -> picture.drawn().isEmpty()
                        ? ""
                        : PictureSvg.printed(picture.drawn(), picture.title(), widthMm, heightMm)));
        printed.values().removeIf(String::isEmpty);
        return printed;
    }

    /** A card's picture, with the container that takes what does not go in. */
    @Transactional(readOnly = true)
    public SetUpPicture of(SettingId settingId, CardView card) {
        return of(settingId, card, card.card().settingOut());
    }

    /** The same, laid out in another way. */
    @Transactional(readOnly = true)
    public SetUpPicture of(SettingId settingId, CardView card, SettingOut settingOut) {
        LaidOut laid =
                contents.lay(settingId, card.contents(), card.card().usage().term());
        return draw(
                laid,
                settingOut,
                materials.cupboard(settingId).stream()
                        .map(MaterialView::stocked)
                        .toList());
    }

    /** What is on the bench. */
    static SetUpPicture draw(LaidOut laid, SettingOut settingOut, List<Stocked> cupboard) {
        return SetUpPicture.of(
                laid.contents(),
                laid.things().entrySet().stream()
                        .collect(Collectors.toMap(
                                Map.Entry::getKey, thing -> thing.getValue().stocked())),
                settingOut,
                cupboard.stream().filter(thing -> thing.vessel().isPresent()).toList());
    }
}
