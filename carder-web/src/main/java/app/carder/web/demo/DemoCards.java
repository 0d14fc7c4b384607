package app.carder.web.demo;

import static app.carder.core.framework.Sense.BALANCE;
import static app.carder.core.framework.Sense.BODY_POSITION;
import static app.carder.core.framework.Sense.HEARING;
import static app.carder.core.framework.Sense.SIGHT;
import static app.carder.core.framework.Sense.TOUCH;

import app.carder.core.framework.Sense;
import app.carder.core.measure.Length;
import app.carder.core.vessel.Vessel;
import app.carder.core.vessel.VesselShape;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Made-up cards of the theme "Parcels and post". */
final class DemoCards {

    record DemoPack(double grams, String price) {}

    record DemoCard(
            String title,
            String intention,
            String adultRole,
            List<String> statements,
            Set<Sense> senses,
            Optional<Vessel> vessel,
            Map<String, Double> poured,
            Map<String, Integer> pieces) {}

    static final Map<String, DemoPack> PACKS = Map.of(
            "rice-long", new DemoPack(1000, "1.95"),
            "oats", new DemoPack(1000, "1.40"),
            "lentils", new DemoPack(500, "1.30"),
            "kidney-beans", new DemoPack(500, "1.25"),
            "sand-dry", new DemoPack(15000, "4.80"),
            "shredded-paper", new DemoPack(500, "3.50"));

    static final List<DemoCard> LOFT = List.of(
            new DemoCard(
                    "Rice by the kilo",
                    "Scoop, pour and weigh rice into parcels until the scales balance.",
                    "Sit at the corner, say what you see, wait to be asked.",
                    List.of("eyfs-m-2", "eyfs-pd-4", "eyfs-uw-3"),
                    Set.of(SIGHT, TOUCH, HEARING),
                    vessel(VesselShape.BOX, 60, 40, 12),
                    Map.of("rice-long", 4.0),
                    Map.of("wooden-scoops", 6, "small-parcels", 8)),
            new DemoCard(
                    "Ice parcels that melt",
                    "Free the frozen letters with warm hands, brushes and time.",
                    "Stay within reach. Name what changes; do not hurry it.",
                    List.of("eyfs-uw-3", "eyfs-cl-4"),
                    Set.of(SIGHT, TOUCH, HEARING),
                    vessel(VesselShape.ROUND_TUB, 45, 0, 18),
                    Map.of("crushed-ice", 5.0),
                    Map.of("letters-felt", 12)),
            new DemoCard(
                    "String, knots and labels",
                    "Tie a parcel so that it can be carried by its string.",
                    "Tie one slowly where everyone can see, then let hands try.",
                    List.of("eyfs-pd-3", "eyfs-psed-2", "eyfs-l-3"),
                    Set.of(SIGHT, TOUCH),
                    Optional.empty(),
                    Map.of(),
                    Map.of("parcel-string", 12, "small-parcels", 12)),
            new DemoCard(
                    "The parcel chute",
                    "Send parcels down the ramp and find out which slide and which roll.",
                    "Ask one question only: what do you think will happen?",
                    List.of("eyfs-uw-3", "eyfs-pd-1", "eyfs-cl-3"),
                    Set.of(SIGHT, BALANCE, BODY_POSITION),
                    Optional.empty(),
                    Map.of(),
                    Map.of("large-parcels", 6, "cardboard-tubes", 8)),
            new DemoCard(
                    "Sorting office",
                    "Sort the post by street, and by size, and by a rule of one's own.",
                    "Offer a tray and a mistake of your own for them to find.",
                    List.of("eyfs-m-3", "eyfs-l-2", "eyfs-psed-3"),
                    Set.of(SIGHT, TOUCH),
                    Optional.empty(),
                    Map.of(),
                    Map.of("envelopes", 30)),
            new DemoCard(
                    "Lentils to the line",
                    "Fill the jug to the inked line and not a lentil more.",
                    "Show once without words. Let them overshoot.",
                    List.of("eyfs-m-2", "eyfs-pd-3"),
                    Set.of(SIGHT, TOUCH, HEARING),
                    vessel(VesselShape.TAPERED_JUG, 8, 12, 15),
                    Map.of("lentils", 9.0),
                    Map.of("wooden-scoops", 2)));

    static final List<DemoCard> NOOK = List.of(
            new DemoCard(
                    "Shredded paper post",
                    "Bury, find and deliver parcels in rustling paper.",
                    "Kneel at the edge; echo sounds and words.",
                    List.of("sme-touch-1", "sme-explore-3", "sme-move-1"),
                    Set.of(TOUCH, HEARING, BODY_POSITION),
                    vessel(VesselShape.OCTAGONAL_TRAY, 90, 0, 20),
                    Map.of("shredded-paper", 12.0),
                    Map.of("large-parcels", 4)),
            new DemoCard(
                    "Stamp printing",
                    "Press, lift and look: the same mark again and again.",
                    "Print beside them on your own sheet.",
                    List.of("sme-hand-1", "sme-sort-3", "sme-explore-1"),
                    Set.of(SIGHT, TOUCH),
                    Optional.empty(),
                    Map.of(),
                    Map.of("wooden-stamps", 6, "envelopes", 20)),
            new DemoCard(
                    "Letters in oats",
                    "Find felt letters hidden in a tray of oats.",
                    "Name the texture, not the letter.",
                    List.of("sme-touch-2", "sme-hand-2"),
                    Set.of(SIGHT, TOUCH, HEARING),
                    vessel(VesselShape.BOX, 50, 35, 10),
                    Map.of("oats", 4.0),
                    Map.of("letters-felt", 8)),
            new DemoCard(
                    "Kidney beans by the cupful",
                    "Fill cups and tip them back.",
                    "Choose something else while there are children who mouth.",
                    List.of("sme-hand-5", "sme-explore-3"),
                    Set.of(SIGHT, TOUCH, HEARING),
                    vessel(VesselShape.BOX, 50, 35, 10),
                    Map.of("kidney-beans", 3.0),
                    Map.of("wooden-scoops", 4)));

    static final List<DemoCard> BURROW = List.of(
            new DemoCard(
                    "Down the posting tube",
                    "Drop a ball in at the top and look for it at the bottom.",
                    "Hold the tube, wait, show surprise.",
                    List.of("sme-hand-3", "sme-look-1", "sme-explore-1"),
                    Set.of(SIGHT, HEARING),
                    Optional.empty(),
                    Map.of(),
                    Map.of("cardboard-tubes", 4, "wooden-balls-50", 6)),
            new DemoCard(
                    "Parcels to carry",
                    "Take a parcel from here to there and back again.",
                    "Receive it as if it were the post.",
                    List.of("sme-move-1", "sme-say-4", "sme-self-1"),
                    Set.of(BODY_POSITION, BALANCE, TOUCH),
                    Optional.empty(),
                    Map.of(),
                    Map.of("large-parcels", 5)));

    static final List<DemoCard> PIER = List.of(new DemoCard(
            "Letters in oats",
            "Find felt letters hidden in a tray of oats.",
            "Name the texture, not the letter.",
            List.of("sme-touch-2", "sme-hand-2"),
            Set.of(SIGHT, TOUCH),
            vessel(VesselShape.BOX, 50, 35, 10),
            Map.of("oats", 4.0),
            Map.of("letters-felt", 8)));

    private DemoCards() {}

    private static Optional<Vessel> vessel(VesselShape shape, double first, double second, double depth) {
        return Optional.of(
                shape.of(Length.ofCentimetres(first), Length.ofCentimetres(second), Length.ofCentimetres(depth)));
    }
}
