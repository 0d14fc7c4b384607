package app.carder.core.picture;

import app.carder.core.card.Arrangement;
import app.carder.core.card.Contents;
import app.carder.core.card.SettingOut;
import app.carder.core.cupboard.Stocked;
import app.carder.core.measure.Length;
import app.carder.core.picture.Packing.Item;
import app.carder.core.picture.Packing.Put;
import app.carder.core.picture.Region.Rectangle;
import app.carder.core.picture.SetUpPicture.Bar;
import app.carder.core.picture.SetUpPicture.Frame;
import app.carder.core.picture.SetUpPicture.Ground;
import app.carder.core.picture.SetUpPicture.Kind;
import app.carder.core.picture.SetUpPicture.NotFitting;
import app.carder.core.picture.SetUpPicture.Piece;
import app.carder.core.picture.SetUpPicture.Zone;
import app.carder.core.vessel.Vessel;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** Works a picture out: where each of the things that are drawn lies on the sheet. */
final class Drawing {

    /** Pieces of one kind that are drawn one by one. */
    static final int MOST_DRAWN = 240;

    private static final double GAP = 30;
    private static final int MOST_SHOWN_OUTSIDE = 24;

    private final Map<String, Stocked> cupboard;
    private final SettingOut wish;
    private final Tray tray;
    private final Drawn drawn;
    private final List<Kind> all;
    private final Arrangement arrangement;

    Drawing(Contents contents, Map<String, Stocked> cupboard, SettingOut wish) {
        this.cupboard = cupboard;
        this.wish = wish;
        this.tray = new Tray(contents.vessel(), contents.filled());
        this.drawn = new Drawn(contents, cupboard, tray);
        this.all = drawn.kinds();
        this.arrangement = wish.arrangement().orElseGet(this::usual);
    }

    /** The same things in another tray. */
    private Drawing(Drawing same, Tray tray) {
        this.cupboard = same.cupboard;
        this.wish = same.wish;
        this.tray = tray;
        this.drawn = same.drawn;
        this.all = same.all;
        this.arrangement = same.arrangement;
    }

    SetUpPicture picture(List<Stocked> containers) {
        Region ground = tray.vessel().map(Tray::rim).orElseGet(this::mat);
        Region inside = tray.vessel().isPresent() ? tray.surface() : ground;
        Laid laid = lay(inside);

        List<Piece> pieces = new ArrayList<>(laid.pieces());
        double right = ground.width();
        double left = 0;
        double foot = ground.height();
        Strip atHand = Strip.standing(items(Zone.HAND), ground.height());
        double handWidth = atHand.width();
        for (Put put : atHand.put()) {
            boolean onTheLeft = wish.hand() == SettingOut.Hand.LEFT;
            pieces.add(piece(put.moved(onTheLeft ? -GAP - handWidth : ground.width() + GAP, 0), Zone.HAND));
        }
        if (!atHand.isEmpty()) {
            foot = Math.max(foot, atHand.height());
            if (wish.hand() == SettingOut.Hand.LEFT) {
                left = -GAP - handWidth;
            } else {
                right += GAP + handWidth;
            }
        }
        double across = right - left;
        Strip beside = Strip.lying(items(Zone.BESIDE), across);
        for (Put put : beside.put()) {
            pieces.add(piece(put.moved(left, foot + GAP), Zone.BESIDE));
        }
        right = Math.max(right, left + beside.width());
        foot += beside.isEmpty() ? 0 : GAP + beside.height();

        Strip outside = Strip.lying(laid.outside(), across);
        for (Put put : outside.put()) {
            pieces.add(piece(put.moved(left, foot + GAP), Zone.NOT_IN));
        }
        right = Math.max(right, left + outside.width());
        foot += outside.isEmpty() ? 0 : GAP + outside.height();

        Strip inKit = Strip.lying(items(Zone.KIT), Math.max(across - 2 * GAP, 200));
        Optional<Frame> kit = Optional.empty();
        if (!inKit.isEmpty()) {
            double frameWidth = inKit.width() + GAP;
            double frameHeight = inKit.height() + GAP;
            for (Put put : inKit.put()) {
                pieces.add(piece(put.moved(left + GAP / 2, foot + GAP + GAP / 2), Zone.KIT));
            }
            kit = Optional.of(new Frame(left, foot + GAP, frameWidth, frameHeight));
            right = Math.max(right, left + frameWidth);
            foot += GAP + frameHeight;
        }
        List<Piece> moved = wish.places().isEmpty()
                ? pieces
                : new ByHand(all, ground, inside, tray.vessel().isPresent()).moved(pieces, wish.places());
        return sheet(moved, laid, ground, inside, kit, containers, right);
    }

    private SetUpPicture sheet(
            List<Piece> pieces,
            Laid laid,
            Region ground,
            Region inside,
            Optional<Frame> kit,
            List<Stocked> containers,
            double atLeastTo) {
        List<NotFitting> notFitting = stillNotFitting(laid, pieces);
        double left = Math.min(0, kit.map(Frame::x).orElse(0.0));
        double top = 0;
        double right = Math.max(ground.width(), atLeastTo);
        double foot = ground.height();
        for (Piece piece : pieces) {
            Footprint footprint = all.get(piece.kind()).footprint();
            double halfAcross = footprint.across(piece.turn()) / 2;
            double halfDown = footprint.down(piece.turn()) / 2;
            left = Math.min(left, piece.x() - halfAcross);
            right = Math.max(right, piece.x() + halfAcross);
            top = Math.min(top, piece.y() - halfDown);
            foot = Math.max(foot, piece.y() + halfDown);
        }
        foot = Math.max(foot, kit.map(frame -> frame.y() + frame.height()).orElse(0.0));
        double margin = Math.max(right - left, foot - top) * 0.04;
        double dx = margin - left;
        double dy = margin - top;
        double barRoom = Math.max(right - left, foot - top) * 0.05;
        Length bar = barLength(right - left);
        return new SetUpPicture(
                right - left + 2 * margin,
                foot - top + 2 * margin + barRoom,
                new Ground(
                        tray.vessel().isPresent(),
                        ground.moved(dx, dy).outline(),
                        inside.moved(dx, dy).outline(),
                        tray.vessel().map(Vessel::forPeople).orElse(""),
                        dx,
                        dy),
                drawn.layers(),
                all,
                pieces.stream()
                        .map(piece -> new Piece(
                                piece.kind(),
                                piece.number(),
                                piece.x() + dx,
                                piece.y() + dy,
                                piece.turn(),
                                piece.zone(),
                                piece.group()))
                        .toList(),
                laid.slots().stream()
                        .map(slot -> new Frame(slot.left() + dx, slot.top() + dy, slot.width(), slot.height()))
                        .toList(),
                kit.map(frame -> new Frame(frame.x() + dx, frame.y() + dy, frame.width(), frame.height())),
                new Bar(margin, foot + dy + margin * 0.4 + barRoom * 0.6, bar),
                arrangement,
                laid.isAsWished(),
                laid.underneath(),
                notFitting,
                notFitting.isEmpty() ? Optional.empty() : smallest(containers),
                drawn.unmeasured(),
                drawn.uncounted(),
                drawn.undrawn());
    }

    /** What somebody put beside the tray need not go in any more. */
    private List<NotFitting> stillNotFitting(Laid laid, List<Piece> pieces) {
        List<NotFitting> still = new ArrayList<>();
        for (NotFitting one : laid.notFitting()) {
            long shown = laid.outside().stream()
                    .filter(item -> all.get(item.kind()).name().equals(one.name()))
                    .count();
            long left = count(pieces, one.name(), Zone.NOT_IN) + (one.wanted() - one.fitting() - shown);
            long beside = count(pieces, one.name(), Zone.BESIDE);
            if (left > 0) {
                still.add(new NotFitting(
                        one.name(), (int) (one.wanted() - beside), (int) (one.wanted() - beside - left)));
            }
        }
        return still;
    }

    private long count(List<Piece> pieces, String name, Zone zone) {
        return pieces.stream()
                .filter(piece ->
                        piece.zone() == zone && all.get(piece.kind()).name().equals(name))
                .count();
    }

    /**
     * What lies in the tray.
     *
     * @param outside what does not go in, as far as it is shown
     */
    private record Laid(
            List<Piece> pieces,
            List<Rectangle> slots,
            boolean isAsWished,
            Map<Integer, Integer> underneath,
            List<NotFitting> notFitting,
            List<Item> outside) {}

    private Laid lay(Region inside) {
        List<Item> items = items(Zone.IN);
        // Nobody sets out hundreds one by one.
        boolean isHeap = arrangement == Arrangement.HEAP || isAnyHidden();
        Packing.Result result = Packing.lay(isHeap ? Arrangement.HEAP : arrangement, items, inside);
        Map<Integer, Long> shown = result.put().stream()
                .collect(Collectors.groupingBy(one -> one.item().kind(), Collectors.counting()));
        Map<Integer, Integer> heaped = isHeap ? heaped(shown, inside) : Map.of();
        Map<Integer, Integer> underneath = new LinkedHashMap<>();
        List<NotFitting> notFitting = new ArrayList<>();
        List<Item> outside = new ArrayList<>();
        for (int kind = 0; kind < all.size(); kind++) {
            Kind one = all.get(kind);
            if (one.zone() != Zone.IN) {
                if (one.count() > MOST_DRAWN) {
                    underneath.put(kind, one.count() - MOST_DRAWN);
                }
                continue;
            }
            int lying = shown.getOrDefault(kind, 0L).intValue();
            int fitting = heaped.getOrDefault(kind, lying);
            if (fitting > lying) {
                underneath.put(kind, fitting - lying);
            }
            if (fitting < one.count()) {
                notFitting.add(new NotFitting(one.name(), one.count(), fitting));
                for (int number = fitting + 1;
                        number <= Math.min(one.count(), fitting + MOST_SHOWN_OUTSIDE);
                        number++) {
                    outside.add(new Item(kind, number, one.footprint()));
                }
            }
        }
        return new Laid(
                result.put().stream().map(one -> piece(one, Zone.IN)).toList(),
                result.slots(),
                isHeap ? arrangement == Arrangement.HEAP : result.asWished(),
                underneath,
                notFitting,
                outside);
    }

    private boolean isAnyHidden() {
        return all.stream().anyMatch(kind -> kind.zone() == Zone.IN && kind.count() > MOST_DRAWN);
    }

    /**
     * How many of each kind a heap takes, by kind: as many layers as there is depth above what is poured for the thickest, those at the foot
     * as they are drawn, the others as far as the layers above them reach, in the order of the card. On a mat, all. Where not all can be drawn
     * one by one, three quarters of the floor count as covered.
     */
    private Map<Integer, Integer> heaped(Map<Integer, Long> lying, Region inside) {
        List<Integer> in = IntStream.range(0, all.size())
                .filter(kind -> all.get(kind).zone() == Zone.IN)
                .boxed()
                .toList();
        double covered = in.stream()
                .mapToDouble(kind ->
                        lying.getOrDefault(kind, 0L) * all.get(kind).footprint().area())
                .sum();
        boolean isFull = in.stream()
                .anyMatch(kind ->
                        lying.getOrDefault(kind, 0L) < Math.min(all.get(kind).count(), MOST_DRAWN));
        double layer = isFull ? covered : Math.max(covered, inside.area() * 0.75);
        double thickest =
                in.stream().mapToDouble(kind -> thickness(all.get(kind))).max().orElse(1);
        double layers = tray.vessel().isEmpty()
                ? Double.POSITIVE_INFINITY
                : Math.max(1, Math.floor(tray.free().inMillimetres() / thickest));
        double rest = layer * layers - covered;
        Map<Integer, Integer> fitting = new LinkedHashMap<>();
        for (int kind : in) {
            int foot = lying.getOrDefault(kind, 0L).intValue();
            double area = all.get(kind).footprint().area();
            int above = (int) Math.min(all.get(kind).count() - (long) foot, Math.max(0, Math.floor(rest / area)));
            rest -= above * area;
            fitting.put(kind, foot + above);
        }
        return fitting;
    }

    private double thickness(Kind kind) {
        return Optional.ofNullable(cupboard.get(kind.thing()))
                .flatMap(stocked -> stocked.material().form())
                .map(form -> form.shortest().inMillimetres())
                .orElse(kind.footprint().width());
    }

    private List<Item> items(Zone zone) {
        List<Item> items = new ArrayList<>();
        for (int kind = 0; kind < all.size(); kind++) {
            Kind one = all.get(kind);
            if (one.zone() == zone) {
                for (int number = 1; number <= Math.min(one.count(), MOST_DRAWN); number++) {
                    items.add(new Item(kind, number, one.footprint()));
                }
            }
        }
        return items;
    }

    private static Piece piece(Put put, Zone zone) {
        return new Piece(put.item().kind(), put.item().number(), put.x(), put.y(), put.turn(), zone, 0);
    }

    /** What most would do with what is there. */
    private Arrangement usual() {
        List<Kind> in = all.stream().filter(kind -> kind.zone() == Zone.IN).toList();
        int count = in.stream().mapToInt(Kind::count).sum();
        if (tray.holdsThings() && !drawn.layers().isEmpty()) {
            return Arrangement.FREE;
        }
        if (in.size() == 2 && in.get(0).count() == in.get(1).count() && count > 2 && count <= 24) {
            return Arrangement.PAIRS;
        }
        return count > 48 ? Arrangement.HEAP : Arrangement.ROW;
    }

    /** Half as wide again as it is high, and as large as what lies on it needs. */
    private Region mat() {
        List<Item> items = items(Zone.IN);
        double area =
                items.stream().mapToDouble(item -> item.footprint().area()).sum();
        double longest = items.stream()
                .mapToDouble(item -> item.footprint().length())
                .max()
                .orElse(0);
        double widest = items.stream()
                .mapToDouble(item -> item.footprint().width())
                .max()
                .orElse(0);
        double width = Math.max(Math.max(240, longest + GAP), Math.sqrt(area * 1.9 * 1.5));
        for (int attempt = 0; attempt < 24; attempt++) {
            Region mat = new Rectangle(0, 0, width, Math.max(width / 1.6, widest + GAP));
            Packing.Result result = Packing.lay(arrangement, items, mat);
            if (result.put().size() == items.size() && (result.asWished() || arrangement == Arrangement.HEAP)) {
                return mat;
            }
            width *= 1.15;
        }
        return new Rectangle(0, 0, width, Math.max(width / 1.6, widest + GAP));
    }

    /** The smallest by the area of its rim that takes all of them, and what is poured as deep. */
    private Optional<Stocked> smallest(List<Stocked> containers) {
        return containers.stream()
                .filter(one -> one.vessel().filter(Tray::isWide).isPresent())
                .sorted(Comparator.comparingDouble(
                        one -> Tray.rim(one.vessel().orElseThrow()).area()))
                .filter(one -> takesAll(one.vessel().orElseThrow()))
                .findFirst();
    }

    private boolean takesAll(Vessel candidate) {
        Tray other = new Tray(Optional.of(candidate), tray.filled());
        return !tray.filled().isMoreThan(candidate.depth())
                && new Drawing(this, other).lay(other.surface()).notFitting().isEmpty();
    }

    private static Length barLength(double across) {
        if (across >= 1500) {
            return Length.ofCentimetres(50);
        }
        if (across >= 400) {
            return Length.ofCentimetres(10);
        }
        return Length.ofCentimetres(across >= 120 ? 5 : 1);
    }
}
