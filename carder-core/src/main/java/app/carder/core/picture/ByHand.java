package app.carder.core.picture;

import app.carder.core.card.SettingOut;
import app.carder.core.picture.SetUpPicture.Kind;
import app.carder.core.picture.SetUpPicture.Piece;
import app.carder.core.picture.SetUpPicture.Zone;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** Puts pieces where somebody moved them to. */
final class ByHand {

    private static final double STEP = 12;
    private static final double GAP = 30;

    private final List<Kind> all;
    private final Region ground;
    private final Region inside;
    private final boolean hasEdge;

    /**
     * Over a tray or a mat.
     *
     * @param inside where things lie
     * @param hasEdge whether nothing can lie over its edge
     */
    ByHand(List<Kind> all, Region ground, Region inside, boolean hasEdge) {
        this.all = all;
        this.ground = ground;
        this.inside = inside;
        this.hasEdge = hasEdge;
    }

    /**
     * Pieces that were moved lie where they were put, as long as there is room: on nothing else, and not over an edge. Those that they
     * push away go to the nearest free place.
     */
    List<Piece> moved(List<Piece> pieces, List<SettingOut.Place> wished) {
        Map<String, SettingOut.Place> places = wished.stream()
                .collect(Collectors.toMap(
                        place -> key(place.thing(), place.number()), place -> place, (one, same) -> one));
        List<Piece> kept = new ArrayList<>();
        List<Piece> rest = new ArrayList<>();
        for (Piece piece : pieces) {
            SettingOut.Place place = places.get(key(all.get(piece.kind()).thing(), piece.number()));
            Piece wanted = place == null
                    ? piece
                    : new Piece(
                            piece.kind(), piece.number(), place.x(), place.y(), place.turn(), Zone.IN, place.group());
            Optional<Zone> zone = place == null ? Optional.empty() : zone(wanted);
            if (zone.isPresent() && isFree(wanted, kept)) {
                kept.add(new Piece(
                        wanted.kind(),
                        wanted.number(),
                        wanted.x(),
                        wanted.y(),
                        wanted.turn(),
                        zone.get(),
                        wanted.group()));
            } else {
                rest.add(piece);
            }
        }
        List<Piece> done = new ArrayList<>(kept);
        for (Piece piece : rest) {
            done.add(isFree(piece, done) ? piece : nearest(piece, done));
        }
        return done;
    }

    private static String key(String thing, int number) {
        return number + " " + thing;
    }

    private boolean isFree(Piece piece, List<Piece> others) {
        Footprint footprint = all.get(piece.kind()).footprint();
        return others.stream()
                .noneMatch(other -> Footprint.overlap(
                        footprint,
                        piece.x(),
                        piece.y(),
                        piece.turn(),
                        all.get(other.kind()).footprint(),
                        other.x(),
                        other.y(),
                        other.turn()));
    }

    /** Inside, or wholly outside; over the edge it cannot lie. On a mat there is no edge. */
    private Optional<Zone> zone(Piece piece) {
        Footprint footprint = all.get(piece.kind()).footprint();
        if (inside.holds(footprint, piece.x(), piece.y(), piece.turn())) {
            return Optional.of(Zone.IN);
        }
        double halfAcross = footprint.across(piece.turn()) / 2;
        double halfDown = footprint.down(piece.turn()) / 2;
        boolean isOutside = piece.x() + halfAcross <= 0
                || piece.x() - halfAcross >= ground.width()
                || piece.y() + halfDown <= 0
                || piece.y() - halfDown >= ground.height();
        if (hasEdge && !isOutside) {
            return Optional.empty();
        }
        return Optional.of(all.get(piece.kind()).zone() == Zone.HAND ? Zone.HAND : Zone.BESIDE);
    }

    private Piece nearest(Piece piece, List<Piece> others) {
        List<Piece> tried = new ArrayList<>();
        for (double x = STEP; x < ground.width(); x += STEP) {
            for (double y = STEP; y < ground.height(); y += STEP) {
                Piece there = new Piece(piece.kind(), piece.number(), x, y, 0, piece.zone(), 0);
                if (inside.holds(all.get(piece.kind()).footprint(), x, y, 0)) {
                    tried.add(there);
                }
            }
        }
        double below = others.stream()
                .mapToDouble(
                        other -> other.y() + all.get(other.kind()).footprint().down(other.turn()) / 2)
                .max()
                .orElse(ground.height());
        Footprint footprint = all.get(piece.kind()).footprint();
        return tried.stream()
                .sorted(Comparator.comparingDouble(there -> Math.hypot(there.x() - piece.x(), there.y() - piece.y())))
                .filter(there -> piece.zone() == Zone.IN && isFree(there, others))
                .findFirst()
                .orElseGet(() -> new Piece(
                        piece.kind(),
                        piece.number(),
                        footprint.length() / 2,
                        Math.max(below, ground.height()) + GAP + footprint.width() / 2,
                        0,
                        piece.zone() == Zone.IN ? Zone.BESIDE : piece.zone(),
                        0));
    }
}
