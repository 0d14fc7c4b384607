package app.carder.core.picture;

import app.carder.core.card.SettingOut;
import app.carder.core.card.SettingOut.Place;
import app.carder.core.picture.SetUpPicture.Piece;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;

/** Moves, turns and groups pieces on a picture: each answers with how the card is to be laid out then. */
public final class Moving {

    private final SetUpPicture picture;
    private final SettingOut wish;
    private final Map<String, Place> places;

    /** On a picture that was drawn from a wish. */
    public Moving(SetUpPicture picture, SettingOut wish) {
        this.picture = picture;
        this.wish = wish;
        this.places =
                wish.places().stream().collect(Collectors.toMap(Moving::key, Function.identity(), (one, same) -> one));
    }

    private static String key(Place place) {
        return place.number() + " " + place.thing();
    }

    /**
     * Some pieces, and whatever is grouped with them, by so far.
     *
     * @param pieces of the picture
     * @param byX millimetres to the right
     * @param byY millimetres down
     */
    public SettingOut moved(Collection<Piece> pieces, double byX, double byY) {
        return changed(
                withTheirGroups(pieces),
                place -> new Place(
                        place.thing(), place.number(), place.x() + byX, place.y() + byY, place.turn(), place.group()));
    }

    /**
     * Some pieces turned about their middles.
     *
     * @param degrees clockwise
     */
    public SettingOut turned(Collection<Piece> pieces, double degrees) {
        return changed(
                pieces,
                place -> new Place(
                        place.thing(), place.number(), place.x(), place.y(), place.turn() + degrees, place.group()));
    }

    /** Some pieces made one group: what is moved of it moves all of it. */
    public SettingOut grouped(Collection<Piece> pieces) {
        int group = 1 + wish.places().stream().mapToInt(Place::group).max().orElse(0);
        return changed(pieces, place -> grouped(place, group));
    }

    /** Some pieces, and whatever is grouped with them, each by itself again. */
    public SettingOut ungrouped(Collection<Piece> pieces) {
        return changed(withTheirGroups(pieces), place -> grouped(place, 0));
    }

    private static Place grouped(Place place, int group) {
        return new Place(place.thing(), place.number(), place.x(), place.y(), place.turn(), group);
    }

    /** Some pieces back to where they would lie by themselves. */
    public SettingOut putBack(Collection<Piece> pieces) {
        List<String> back = pieces.stream().map(piece -> key(place(piece))).toList();
        return with(wish.places().stream()
                .filter(place -> !back.contains(key(place)))
                .toList());
    }

    private List<Piece> withTheirGroups(Collection<Piece> pieces) {
        List<Integer> groups =
                pieces.stream().map(Piece::group).filter(group -> group > 0).toList();
        return picture.pieces().stream()
                .filter(piece -> pieces.contains(piece) || groups.contains(piece.group()))
                .toList();
    }

    private SettingOut changed(Collection<Piece> pieces, UnaryOperator<Place> change) {
        Map<String, Place> changed = pieces.stream()
                .map(this::place)
                .map(change)
                .collect(Collectors.toMap(Moving::key, Function.identity(), (one, same) -> one));
        List<Place> all = new ArrayList<>();
        wish.places().stream().filter(place -> !changed.containsKey(key(place))).forEach(all::add);
        // In the order of the picture, so that what lies there first is put down first.
        picture.pieces().stream()
                .map(this::place)
                .flatMap(place -> Optional.ofNullable(changed.get(key(place))).stream())
                .forEach(all::add);
        return with(all);
    }

    /** Where a piece lies now. */
    private Place place(Piece piece) {
        return new Place(
                picture.kinds().get(piece.kind()).thing(),
                piece.number(),
                piece.x() - picture.ground().x(),
                piece.y() - picture.ground().y(),
                piece.turn(),
                piece.group());
    }

    private SettingOut with(List<Place> all) {
        return new SettingOut(wish.arrangement(), wish.hand(), all);
    }

    /**
     * Whether a change gives a piece a place that it cannot take, which had none like that before: over an edge, or on another.
     *
     * @param after the picture after the change
     * @param changed how it is laid out after the change
     */
    public boolean isRefused(SetUpPicture after, SettingOut changed) {
        Moving then = new Moving(after, changed);
        List<String> before = picture.pieces().stream()
                .filter(this::isElsewhere)
                .map(piece -> key(place(piece)))
                .toList();
        return after.pieces().stream()
                .filter(then::isElsewhere)
                .anyMatch(piece -> !before.contains(key(then.place(piece))));
    }

    /** Whether a piece lies somewhere else than somebody put it. */
    private boolean isElsewhere(Piece piece) {
        Place lies = place(piece);
        return Optional.ofNullable(places.get(key(lies)))
                .filter(place -> Math.hypot(place.x() - lies.x(), place.y() - lies.y()) > 0.5
                        || Math.abs(place.turn() - lies.turn()) > 0.5)
                .isPresent();
    }
}
