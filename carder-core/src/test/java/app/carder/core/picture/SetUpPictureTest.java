package app.carder.core.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.carder.core.card.Arrangement;
import app.carder.core.card.Contents;
import app.carder.core.card.Ingredient;
import app.carder.core.card.Portion;
import app.carder.core.card.SettingOut;
import app.carder.core.card.SettingOut.Hand;
import app.carder.core.card.SettingOut.Place;
import app.carder.core.cupboard.CupboardTable;
import app.carder.core.cupboard.Stocked;
import app.carder.core.cupboard.Stocked.Amount;
import app.carder.core.look.Path;
import app.carder.core.measure.Length;
import app.carder.core.picture.SetUpPicture.Kind;
import app.carder.core.picture.SetUpPicture.NotFitting;
import app.carder.core.picture.SetUpPicture.Piece;
import app.carder.core.picture.SetUpPicture.Zone;
import app.carder.core.said.Said;
import app.carder.core.vessel.Box;
import app.carder.core.vessel.Vessel;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Currency;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Point;
import org.locationtech.jts.geom.prep.PreparedGeometry;
import org.locationtech.jts.geom.prep.PreparedGeometryFactory;
import org.locationtech.jts.geom.util.AffineTransformation;

class SetUpPictureTest {

    private static final Map<String, Stocked> CUPBOARD = CupboardTable.starter(Currency.getInstance("GBP"));
    private static final List<Stocked> CONTAINERS = CUPBOARD.values().stream()
            .filter(thing -> thing.vessel().isPresent())
            .toList();

    private static Contents card(Optional<String> vessel, Object... things) {
        List<Portion> portions = new ArrayList<>();
        for (int at = 0; at < things.length; at += 2) {
            String code = (String) things[at];
            portions.add(
                    CUPBOARD.get(code).material().kind().isPoured()
                            ? new Portion.Poured(code, Optional.of(Length.ofCentimetres((int) things[at + 1])))
                            : new Portion.Counted(code, Optional.of((int) things[at + 1])));
        }
        return new Contents(
                vessel.map(code -> CUPBOARD.get(code).vessel().orElseThrow()), portions, Set.of(), Map.of());
    }

    private static SettingOut wish(Arrangement arrangement) {
        return new SettingOut(Optional.of(arrangement), Hand.RIGHT, List.of());
    }

    private static SetUpPicture picture(Contents contents, SettingOut wish) {
        return SetUpPicture.of(contents, CUPBOARD, wish, CONTAINERS);
    }

    private static String words(SetUpPicture picture) {
        return picture.words().stream().map(Said::words).collect(Collectors.joining(" "));
    }

    private static List<Piece> in(SetUpPicture picture, Zone zone) {
        return picture.pieces().stream().filter(piece -> piece.zone() == zone).toList();
    }

    /** Each with a geometry library instead of its own arithmetic: the JTS Topology Suite. */
    @Nested
    class TenThousandCardsAtRandom {

        private static final GeometryFactory GEOMETRY = new GeometryFactory();
        private static final List<String> TRAYS = List.of(
                "tray-large", "tray-deep", "tray-small", "tray-octagon", "tray-hexagon", "tub-round", "bowl-large");
        private static final List<String> PIECES = CUPBOARD.values().stream()
                .filter(thing -> !thing.material().kind().isPoured())
                .map(Stocked::code)
                .sorted()
                .toList();
        private static final List<String> FILLS = List.of("rice-long", "water", "sand-dry", "lentils");

        @Test
        void nothingLiesOnAnythingElseNothingIsLostAndEveryRowAndSlotIsRight() {
            Random random = new Random(20261130);
            int full = 0;
            for (int card = 0; card < 10_000; card++) {
                Contents contents = anyCard(random);
                Arrangement arrangement = Arrangement.values()[random.nextInt(Arrangement.values().length)];
                SetUpPicture picture = SetUpPicture.of(
                        contents,
                        CUPBOARD,
                        new SettingOut(Optional.of(arrangement), Hand.values()[random.nextInt(2)], List.of()),
                        List.of());
                int number = card;
                Supplier<String> which = () -> number + ": " + arrangement + ", " + words(picture);

                apart(picture, which);
                inside(contents, picture, which);
                nothingLost(picture, which);
                onTheSheet(picture, which);
                if (picture.isAsWished() && arrangement == Arrangement.ROW) {
                    inOrder(picture, which);
                }
                if (picture.isAsWished() && arrangement == Arrangement.SLOTS) {
                    oneEach(picture, which);
                }
                full += picture.notFitting().isEmpty() ? 0 : 1;
            }
            // The trays are small enough to matter.
            assertThat(full).isBetween(500, 8000);
        }

        private static Contents anyCard(Random random) {
            List<Object> things = new ArrayList<>();
            Optional<String> tray =
                    random.nextInt(4) == 0 ? Optional.empty() : Optional.of(TRAYS.get(random.nextInt(TRAYS.size())));
            if (tray.isPresent() && random.nextBoolean()) {
                things.add(FILLS.get(random.nextInt(FILLS.size())));
                things.add(1 + random.nextInt(4));
            }
            for (int kind = random.nextInt(4); kind >= 0; kind--) {
                things.add(PIECES.get(random.nextInt(PIECES.size())));
                things.add(1 + random.nextInt(random.nextInt(150) == 0 ? 400 : 12));
            }
            return card(tray, things.toArray());
        }

        private static Geometry shape(SetUpPicture picture, Piece piece) {
            Footprint footprint = picture.kinds().get(piece.kind()).footprint();
            if (footprint.isRound()) {
                Point middle = GEOMETRY.createPoint(new Coordinate(piece.x(), piece.y()));
                return middle.buffer(footprint.length() / 2, 8);
            }
            double l = footprint.length() / 2;
            double w = footprint.width() / 2;
            Geometry slab = GEOMETRY.createPolygon(new Coordinate[] {
                new Coordinate(-l, -w),
                new Coordinate(l, -w),
                new Coordinate(l, w),
                new Coordinate(-l, w),
                new Coordinate(-l, -w)
            });
            return AffineTransformation.rotationInstance(Math.toRadians(piece.turn()))
                    .translate(piece.x(), piece.y())
                    .transform(slab);
        }

        /** Only those whose middles are nearer than they are long can touch. */
        private static void apart(SetUpPicture picture, Supplier<String> which) {
            List<Piece> pieces = picture.pieces();
            List<Geometry> shapes =
                    pieces.stream().map(piece -> shape(picture, piece)).toList();
            for (int one = 0; one < pieces.size(); one++) {
                for (int other = one + 1; other < pieces.size(); other++) {
                    Piece first = pieces.get(one);
                    Piece second = pieces.get(other);
                    if (Math.hypot(first.x() - second.x(), first.y() - second.y())
                                    < (longest(picture, first) + longest(picture, second)) / 2
                            && shapes.get(one)
                                    .getEnvelopeInternal()
                                    .intersects(shapes.get(other).getEnvelopeInternal())) {
                        double shared =
                                shapes.get(one).intersection(shapes.get(other)).getArea();
                        if (shared >= 0.5) {
                            throw new AssertionError(
                                    "%s: %s and %s share %.1f mm²".formatted(which.get(), first, second, shared));
                        }
                    }
                }
            }
        }

        private static double longest(SetUpPicture picture, Piece piece) {
            Footprint footprint = picture.kinds().get(piece.kind()).footprint();
            return footprint.isRound() ? footprint.length() : Math.hypot(footprint.length(), footprint.width());
        }

        /** The region again from the measures of the container, not from the picture. */
        private static void inside(Contents contents, SetUpPicture picture, Supplier<String> which) {
            if (contents.vessel().isEmpty()) {
                return;
            }
            Vessel vessel = contents.vessel().get();
            Length depth = contents.filled().isMoreThan(vessel.depth()) ? vessel.depth() : contents.filled();
            PreparedGeometry surface =
                    PreparedGeometryFactory.prepare(surface(vessel, depth).buffer(0.1));
            double left = picture.ground().surface().steps().stream()
                    .flatMap(step -> corner(step, 0))
                    .min(Comparator.naturalOrder())
                    .orElseThrow();
            double top = picture.ground().surface().steps().stream()
                    .flatMap(step -> corner(step, 1))
                    .min(Comparator.naturalOrder())
                    .orElseThrow();
            AffineTransformation toTheCorner = AffineTransformation.translationInstance(-left, -top);
            assertThat(in(picture, Zone.IN))
                    .as(which)
                    .allMatch(piece -> surface.covers(toTheCorner.transform(shape(picture, piece))));
        }

        private static Stream<Double> corner(Path.Step step, int at) {
            List<Double> numbers = step.numbers();
            return numbers.isEmpty() ? Stream.empty() : Stream.of(numbers.get(numbers.size() - 2 + at));
        }

        private static Geometry surface(Vessel vessel, Length depth) {
            double across = vessel.widthAt(depth).inMillimetres();
            int sides = switch (vessel.shape()) {
                case OCTAGONAL_TRAY -> 8;
                case HEXAGONAL_TRAY -> 6;
                case BOX, ROUND_TUB, TAPERED_JUG, BOWL, STATED_VOLUME -> 360;
            };
            if (vessel instanceof Box box) {
                return GEOMETRY.toGeometry(
                        new Envelope(0, across, 0, box.width().inMillimetres()));
            }
            double radius = across / 2 / Math.cos(Math.PI / sides);
            Coordinate[] corners = new Coordinate[sides + 1];
            for (int side = 0; side <= sides; side++) {
                double angle = Math.PI * (2 * (side % sides) + 1) / sides + Math.PI / 2;
                corners[side] = new Coordinate(radius * Math.cos(angle), radius * Math.sin(angle));
            }
            Geometry around = GEOMETRY.createPolygon(corners);
            Envelope box = around.getEnvelopeInternal();
            return AffineTransformation.translationInstance(-box.getMinX(), -box.getMinY())
                    .transform(around);
        }

        private static void nothingLost(SetUpPicture picture, Supplier<String> which) {
            for (int at = 0; at < picture.kinds().size(); at++) {
                Kind kind = picture.kinds().get(at);
                int index = at;
                long drawn = picture.pieces().stream()
                        .filter(piece -> piece.kind() == index && piece.zone() != Zone.NOT_IN)
                        .count();
                int outside = picture.notFitting().stream()
                        .filter(one -> one.name().equals(kind.name()))
                        .mapToInt(one -> one.wanted() - one.fitting())
                        .sum();
                assertThat(drawn + picture.underneath().getOrDefault(at, 0) + outside)
                        .as(() -> which.get() + " of " + kind.name())
                        .isEqualTo(kind.count());
            }
        }

        private static void onTheSheet(SetUpPicture picture, Supplier<String> which) {
            assertThat(picture.pieces()).as(which).allSatisfy(piece -> {
                var around = shape(picture, piece).getEnvelopeInternal();
                assertThat(around.getMinX()).isGreaterThanOrEqualTo(-0.1);
                assertThat(around.getMinY()).isGreaterThanOrEqualTo(-0.1);
                assertThat(around.getMaxX()).isLessThanOrEqualTo(picture.width() + 0.1);
                assertThat(around.getMaxY()).isLessThanOrEqualTo(picture.height() + 0.1);
            });
            assertThat(picture.bar().x() + picture.bar().length().inMillimetres())
                    .as(which)
                    .isLessThanOrEqualTo(picture.width());
        }

        private static void inOrder(SetUpPicture picture, Supplier<String> which) {
            List<Piece> lying = in(picture, Zone.IN);
            List<Piece> read = lying.stream()
                    .sorted(Comparator.comparingDouble((Piece piece) -> Math.round(piece.y() * 10))
                            .thenComparingDouble(Piece::x))
                    .toList();
            assertThat(read).as(which).isEqualTo(lying);
            assertThat(lying)
                    .as(which)
                    .isSortedAccordingTo(Comparator.comparingInt(Piece::kind).thenComparingInt(Piece::number));
        }

        private static void oneEach(SetUpPicture picture, Supplier<String> which) {
            assertThat(picture.slots()).as(which).hasSameSizeAs(in(picture, Zone.IN));
            assertThat(picture.slots())
                    .as(which)
                    .allSatisfy(slot -> assertThat(in(picture, Zone.IN).stream()
                                    .filter(piece -> piece.x() > slot.x()
                                            && piece.x() < slot.x() + slot.width()
                                            && piece.y() > slot.y()
                                            && piece.y() < slot.y() + slot.height()))
                            .hasSize(1));
        }
    }

    @Test
    void whatDoesNotFitIsSaidWithTheSmallestContainerThatTakesIt() {
        SetUpPicture picture = picture(card(Optional.of("tray-small"), "jar-plastic", 14), wish(Arrangement.ROW));

        NotFitting jars = picture.notFitting().get(0);
        assertThat(jars.wanted()).isEqualTo(14);
        // By hand: jars of 90 mm in a tray of 400 by 300 mm stand in three rows of four.
        assertThat(jars.fitting()).isEqualTo(12);
        assertThat(in(picture, Zone.NOT_IN)).hasSize(2);
        assertThat(picture.smallest().map(Stocked::code)).contains("tub-round");
        assertThat(words(picture))
                .contains("14 × Plastic jar do not fit: there is room for 12.")
                .contains("The smallest container in your cupboard that holds everything: Round tub, 45 cm.");
    }

    @Test
    void aHeapLiesInLayersAsHighAsTheContainerIsDeep() {
        SetUpPicture picture = picture(card(Optional.of("tray-small"), "wooden-cubes", 150), wish(Arrangement.HEAP));

        // Cubes of 40 mm in a tray of 400 by 300 mm, 50 mm deep, lie one high: nine by seven, since nothing is pressed
        // in.
        assertThat(picture.underneath()).isEmpty();
        assertThat(picture.notFitting()).containsExactly(new NotFitting("Wooden cubes, 40 mm", 150, 63));

        SetUpPicture deep = picture(card(Optional.of("tray-deep"), "wooden-cubes", 150), wish(Arrangement.HEAP));
        assertThat(deep.notFitting()).isEmpty();

        // Three layers of 126 cubes: 200 cubes and 100 bricks of four and a half times their size, two thirds of which
        // find room.
        SetUpPicture mixed =
                picture(card(Optional.of("tray-deep"), "wooden-cubes", 200, "bricks", 100), wish(Arrangement.HEAP));
        assertThat(mixed.notFitting()).hasSize(1);
        assertThat(mixed.notFitting().get(0).name()).isEqualTo("Wooden bricks");
        assertThat(mixed.notFitting().get(0).fitting()).isBetween(10, 90);
    }

    @Test
    void toolsLieOnTheSideOfTheHand() {
        Contents card = card(Optional.of("tray-large"), "rice-long", 4, "wooden-scoops", 6);
        SetUpPicture right = picture(card, SettingOut.USUAL);
        SetUpPicture left = picture(card, new SettingOut(Optional.empty(), Hand.LEFT, List.of()));

        assertThat(in(right, Zone.HAND)).hasSize(6).allMatch(piece -> piece.x() > 600);
        assertThat(in(left, Zone.HAND)).hasSize(6).allMatch(piece -> piece.x() < 300);
        assertThat(words(right)).contains("To the right: 6 × Wooden scoops.");
        assertThat(words(left)).contains("To the left: 6 × Wooden scoops.");
    }

    @Test
    void aRingStandsRoundItsMiddle() {
        SetUpPicture picture = picture(card(Optional.of("tub-round"), "wooden-balls-50", 8), wish(Arrangement.RING));

        double x = in(picture, Zone.IN).stream().mapToDouble(Piece::x).average().orElseThrow();
        double y = in(picture, Zone.IN).stream().mapToDouble(Piece::y).average().orElseThrow();
        assertThat(in(picture, Zone.IN).stream().map(piece -> Math.hypot(piece.x() - x, piece.y() - y)))
                .hasSize(8)
                .allSatisfy(far -> assertThat(far).isCloseTo(225 - 4 - 25, within(0.1)));
    }

    @Test
    void pairsStandTogether() {
        SetUpPicture picture = picture(card(Optional.empty(), "tub-small", 6, "pompoms", 6), SettingOut.USUAL);

        assertThat(picture.arrangement()).isEqualTo(Arrangement.PAIRS);
        List<Piece> lying = in(picture, Zone.IN);
        for (int at = 0; at < lying.size(); at += 2) {
            Piece tub = lying.get(at);
            Piece ball = lying.get(at + 1);
            assertThat(List.of(tub.kind(), ball.kind())).containsExactly(0, 1);
            assertThat(ball.x() - tub.x()).isLessThan(130);
            assertThat(ball.y()).isCloseTo(tub.y(), within(0.01));
        }
    }

    @Test
    void whatIsMovedStaysWhereItWasPutAndTheOthersMakeWay() {
        Contents card = card(Optional.of("tray-large"), "small-parcels", 8);
        Place moved = new Place("small-parcels", 3, 100, 60, 45, 1);
        SetUpPicture picture = SetUpPicture.of(
                card, CUPBOARD, new SettingOut(Optional.of(Arrangement.ROW), Hand.RIGHT, List.of(moved)), List.of());

        Piece third = picture.pieces().stream()
                .filter(piece -> piece.number() == 3)
                .findFirst()
                .orElseThrow();
        Piece first = picture.pieces().stream()
                .filter(piece -> piece.number() == 1)
                .findFirst()
                .orElseThrow();
        double margin = picture.bar().x();
        assertThat(third.x() - margin).isCloseTo(100, within(0.01));
        assertThat(third.turn()).isEqualTo(45);
        assertThat(third.group()).isEqualTo(1);
        assertThat(first.group()).isZero();
        TenThousandCardsAtRandom.apart(picture, () -> "moved");
        TenThousandCardsAtRandom.nothingLost(picture, () -> "moved");
    }

    @Test
    void whatWouldLieOverTheEdgeGoesBackToItsPlace() {
        Contents card = card(Optional.of("tray-large"), "small-parcels", 2);
        SetUpPicture usual = picture(card, wish(Arrangement.ROW));
        SetUpPicture over = SetUpPicture.of(
                card,
                CUPBOARD,
                new SettingOut(
                        Optional.of(Arrangement.ROW), Hand.RIGHT, List.of(new Place("small-parcels", 1, 0, 200, 0, 0))),
                List.of());

        assertThat(over.pieces()).containsExactlyInAnyOrderElementsOf(usual.pieces());
    }

    @Test
    void whatIsPutBesideTheTrayNoLongerHasToGoIn() {
        Contents card = card(Optional.of("tray-small"), "jar-plastic", 14);
        SettingOut one = new SettingOut(
                Optional.of(Arrangement.ROW), Hand.RIGHT, List.of(new Place("jar-plastic", 14, 600, 60, 0, 0)));
        SettingOut both = new SettingOut(
                Optional.of(Arrangement.ROW),
                Hand.RIGHT,
                List.of(new Place("jar-plastic", 13, 600, 200, 0, 0), new Place("jar-plastic", 14, 600, 60, 0, 0)));

        assertThat(picture(card, one).notFitting()).containsExactly(new NotFitting("Plastic jar", 13, 12));
        assertThat(picture(card, both).notFitting()).isEmpty();
        assertThat(in(picture(card, both), Zone.BESIDE)).hasSize(2);
        assertThat(words(picture(card, both))).contains("Beside the container: 2 × Plastic jar.");
    }

    @Test
    void aGroupIsMovedOnlyWhereAllOfItHasRoom() {
        Contents card = card(Optional.of("tray-large"), "small-parcels", 2);
        SettingOut apart = new SettingOut(
                Optional.of(Arrangement.ROW),
                Hand.RIGHT,
                List.of(new Place("small-parcels", 1, 300, 200, 0, 1), new Place("small-parcels", 2, 100, 200, 0, 1)));
        SetUpPicture before = picture(card, apart);
        Moving moving = new Moving(before, apart);
        List<Piece> first =
                before.pieces().stream().filter(piece -> piece.number() == 1).toList();

        SettingOut near = moving.moved(first, -40, 0);
        SettingOut far = moving.moved(first, -90, 0);

        assertThat(near.places()).allMatch(place -> place.group() == 1).hasSize(2);
        assertThat(moving.isRefused(picture(card, near), near)).isFalse();
        assertThat(moving.isRefused(picture(card, far), far))
                .as("the second one would lie over the wall")
                .isTrue();
    }

    @Test
    void whatIsNotKnownIsDrawnAsSuchAndSaid() {
        SetUpPicture picture = SetUpPicture.of(
                new Contents(
                        Optional.empty(),
                        List.of(
                                new Portion.Counted("glue", Optional.of(1)),
                                new Portion.Counted("small-parcels", Optional.empty()),
                                new Portion.Named("Something from home"),
                                new Portion.Counted("gone-from-the-cupboard", Optional.of(3))),
                        Set.of(),
                        Map.of()),
                CUPBOARD,
                SettingOut.USUAL,
                List.of());

        assertThat(picture.kinds()).filteredOn(kind -> !kind.isMeasured()).hasSize(1);
        assertThat(words(picture))
                .contains("Size not known, so drawn with a question mark: Glue paste.")
                .contains("How many is not written down: Small parcels, wrapped blocks.")
                .contains("Not drawn, as only the name is known: Something from home");
    }

    @Test
    void theThingsOfAKitStandInTheirFrame() {
        SetUpPicture picture = SetUpPicture.of(
                new Contents(
                        Optional.empty(),
                        List.of(
                                new Portion.Counted("small-parcels", Optional.of(4)),
                                new Portion.KitThings(
                                        "kit",
                                        "Wrapping kit",
                                        Optional.of(List.of(
                                                Ingredient.of("tape", "Paper tape", Amount.of(3)),
                                                Ingredient.of("scissors", "Child scissors", Amount.of(4)))))),
                        Set.of(),
                        Map.of()),
                CUPBOARD,
                SettingOut.USUAL,
                List.of());

        var frame = picture.kit().orElseThrow();
        assertThat(in(picture, Zone.KIT)).hasSize(7).allSatisfy(piece -> {
            assertThat(piece.x()).isBetween(frame.x(), frame.x() + frame.width());
            assertThat(piece.y()).isBetween(frame.y(), frame.y() + frame.height());
        });
        assertThat(words(picture)).contains("In the kit: 3 × Paper tape, 4 × Child scissors, rounded.");
    }
}
