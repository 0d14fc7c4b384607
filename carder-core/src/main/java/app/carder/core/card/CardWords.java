package app.carder.core.card;

import app.carder.core.safety.Feature;
import app.carder.core.vessel.Vessel;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.stream.Collectors;

/** What a card says, field by field, in words: so that what it said before a change can be kept and read. */
public final class CardWords {

    private CardWords() {}

    /**
     * All of it.
     *
     * @param putOut what its contents come to
     * @return by the name of the field, in the order of the card; what is blank is an empty text
     */
    public static Map<String, String> said(Card card, PutOut putOut) {
        Map<String, String> said = new LinkedHashMap<>();
        Purpose purpose = card.purpose();
        said.put("title", purpose.title());
        said.put("intention", purpose.intention());
        said.put("adult role", purpose.adultRole());
        said.put("place", purpose.place());
        said.put("words", purpose.alongside().words());
        said.put("might see", purpose.alongside().mightSee());
        said.put("at home", purpose.alongside().atHome());
        said.put("container", card.contents().vessel().map(Vessel::forPeople).orElse(""));
        said.put(
                "put out",
                putOut.parts().stream()
                        .map(part ->
                                (part.stocked().name() + " " + part.amount().forPeople()).strip())
                        .collect(Collectors.joining(", ")));
        said.put(
                "special features",
                card.contents().features().stream().sorted().map(Feature::words).collect(Collectors.joining(", ")));
        return said;
    }
}
