package app.carder.core.picture;

import app.carder.core.picture.SetUpPicture.Kind;
import app.carder.core.picture.SetUpPicture.Layer;
import app.carder.core.picture.SetUpPicture.Piece;
import app.carder.core.picture.SetUpPicture.Zone;
import app.carder.core.said.Said;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** A picture in words that a colleague could set it out from. */
final class PictureWords {

    private final SetUpPicture picture;

    PictureWords(SetUpPicture picture) {
        this.picture = picture;
    }

    List<Said> sentences() {
        List<Said> sentences = new ArrayList<>();
        if (picture.ground().isVessel()) {
            sentences.add(Said.of("picture.container", picture.ground().words()));
        }
        layers(sentences);
        lying(sentences, Zone.IN, inside());
        lying(sentences, Zone.HAND, handIsLeft() ? "picture.on-the-left" : "picture.on-the-right");
        lying(sentences, Zone.BESIDE, picture.ground().isVessel() ? "picture.beside-it" : "picture.beside");
        lying(sentences, Zone.KIT, "picture.in-the-kit");
        picture.notFitting()
                .forEach(one ->
                        sentences.add(Said.of("picture.does-not-fit", one.wanted(), name(one.name()), one.fitting())));
        if (!picture.notFitting().isEmpty()) {
            sentences.add(picture.smallest()
                    .map(one -> Said.of("picture.smallest", one.name()))
                    .orElseGet(() -> Said.of("picture.none-takes-them")));
        } else if (!picture.isAsWished()) {
            sentences.add(Said.of(
                    "picture.closer",
                    Said.of("arrangement." + picture.arrangement().name())));
        }
        named(sentences, "picture.not-measured", picture.unmeasured());
        named(sentences, "picture.not-counted", picture.uncounted());
        named(sentences, "picture.not-drawn", picture.undrawn());
        return sentences;
    }

    private void layers(List<Said> sentences) {
        if (picture.layers().isEmpty()) {
            return;
        }
        List<Said> all = picture.layers().stream().map(PictureWords::layer).toList();
        sentences.add(Said.of(all.size() == 1 ? "picture.layer" : "picture.layers", Said.oneAfterTheOther(all)));
    }

    private static Said layer(Layer layer) {
        return layer.depth()
                .map(depth -> Said.of("picture.so-deep", layer.name(), depth.forPeople()))
                .orElseGet(() -> Said.of("picture.depth-unknown", layer.name()));
    }

    private String inside() {
        return "picture.in." + picture.arrangement().name();
    }

    private boolean handIsLeft() {
        return picture.pieces().stream()
                .filter(piece -> piece.zone() == Zone.HAND)
                .anyMatch(piece -> piece.x() < picture.width() / 2);
    }

    private void lying(List<Said> sentences, Zone zone, String code) {
        Map<Integer, Integer> counts = new LinkedHashMap<>();
        for (Piece piece : picture.pieces()) {
            if (piece.zone() == zone) {
                counts.merge(piece.kind(), 1, Integer::sum);
            }
        }
        counts.replaceAll((kind, drawn) -> drawn + picture.underneath().getOrDefault(kind, 0));
        if (!counts.isEmpty()) {
            sentences.add(Said.of(
                    code,
                    Said.oneAfterTheOther(counts.entrySet().stream()
                            .map(entry -> so(picture.kinds().get(entry.getKey()), entry.getValue()))
                            .toList())));
        }
    }

    private static Said so(Kind kind, int count) {
        return Said.of("picture.so-many", count, name(kind.name()));
    }

    private static void named(List<Said> sentences, String code, List<String> names) {
        if (!names.isEmpty()) {
            sentences.add(Said.of(
                    code, Said.oneAfterTheOther(names.stream().map(Said::typed).toList())));
        }
    }

    private static Said name(String name) {
        return Said.typed(name);
    }
}
