package app.carder.web.card;

import app.carder.core.framework.Sense;
import app.carder.web.material.ThingsBySense;
import app.carder.web.setting.Area;
import app.carder.web.setting.Remembered;
import app.carder.web.setting.SettingId;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What cards put out for a sense. */
@Service
class CardSenses implements ThingsBySense {

    private final CardService deck;
    private final ContentsService contents;

    CardSenses(CardService deck, ContentsService contents) {
        this.deck = deck;
        this.contents = contents;
    }

    @Override
    @Remembered({Area.CARDS, Area.PLACES})
    @Transactional(readOnly = true)
    public Set<String> codes(SettingId settingId, Sense sense) {
        List<CardView> cards = deck.whole(
                settingId,
                deck.plan(settingId, Optional.empty()).stream()
                        .filter(card -> card.senses().contains(sense))
                        .map(CardSummary::id)
                        .toList());
        return contents.lay(settingId, cards).values().stream()
                .flatMap(laid -> laid.putOut().parts().stream())
                .map(part -> part.stocked().code())
                .collect(Collectors.toUnmodifiableSet());
    }
}
