package app.carder.web.card;

import app.carder.core.framework.Crosswalk;
import app.carder.core.practice.CardTemplate;
import app.carder.core.proposal.AdultLoad;
import app.carder.web.material.MaterialService;
import app.carder.web.material.MaterialView;
import app.carder.web.page.Typed;
import app.carder.web.room.RoomView;
import app.carder.web.setting.SettingId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Card templates of the practice styles, said in a room's framework and its setting's cupboard. */
@Component
class CardTemplates {

    private final List<CardTemplate> shipped = CardTemplate.shipped();
    private final Crosswalk crosswalk = Crosswalk.shipped();
    private final MaterialService materials;

    CardTemplates(MaterialService materials) {
        this.materials = materials;
    }

    /** All templates, those of the room's style first. */
    List<CardTemplate> forRoom(RoomView room) {
        return shipped.stream()
                .sorted(Comparator.comparing((CardTemplate template) -> template.style() != room.style())
                        .thenComparing(CardTemplate::style))
                .toList();
    }

    Optional<CardTemplate> byCode(String code) {
        return shipped.stream().filter(template -> template.code().equals(code)).findFirst();
    }

    /** A template, opened on the bench. What the cupboard does not have is left out. */
    Typed open(SettingId settingId, RoomView room, CardTemplate template) {
        Map<String, MaterialView> byCode = materials.cupboard(settingId).stream()
                .collect(Collectors.toMap(MaterialView::code, Function.identity()));
        List<String> names = new ArrayList<>();
        List<String> amounts = new ArrayList<>();
        template.put()
                .forEach((code, amount) -> Optional.ofNullable(byCode.get(code)).ifPresent(material -> {
                    names.add(material.name());
                    amounts.add(amount.toPlainString());
                }));
        return Typed.nothing()
                .with("title", template.title())
                .with("load", AdultLoad.NEAR)
                .with("intention", template.intention())
                .with("adultRole", template.adultRole())
                .with("words", template.words())
                .with("place", template.place())
                .with(
                        "areas",
                        List.copyOf(crosswalk
                                .into(room.framework(), template.areas())
                                .areas()))
                .with("senses", template.senses().stream().map(Enum::name).toList())
                .with("shape", "NONE")
                .with(
                        "vesselFrom",
                        template.vessel()
                                .flatMap(code -> Optional.ofNullable(byCode.get(code)))
                                .map(MaterialView::name)
                                .orElse(""))
                .with("material", names)
                .with("amount", amounts);
    }
}
