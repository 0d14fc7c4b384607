package app.carder.web.card;

import app.carder.core.card.Contents;
import app.carder.core.card.PutOut;
import app.carder.web.material.MaterialView;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;

/**
 * The contents of a card with everything looked up: kits opened, kept answers worked out, held against the cupboard.
 *
 * @param contents what is put out
 * @param putOut what it comes to
 * @param things of the cupboard that it names, by key
 */
public record LaidOut(Contents contents, PutOut putOut, Map<String, MaterialView> things) {

    /** Keeps its own copy. */
    public LaidOut {
        things = Map.copyOf(things);
    }

    /** Things that are named on the card, each once, in its order. */
    public List<MaterialView> inOrder() {
        return contents.things()
                .flatMap(thing -> Stream.ofNullable(things.get(thing)))
                .toList();
    }

    /** The key under which a card names a thing of the cupboard. */
    static String key(UUID materialId) {
        return materialId.toString();
    }
}
