package app.carder.web.demo;

import static app.carder.web.demo.DemoScene.CHUTE;
import static app.carder.web.demo.DemoScene.ICE;
import static app.carder.web.demo.DemoScene.KNOT;
import static app.carder.web.demo.DemoScene.NONE;
import static app.carder.web.demo.DemoScene.PAPER;
import static app.carder.web.demo.DemoScene.RICE;
import static app.carder.web.demo.DemoScene.STAMPS;

import java.util.List;

/** Made-up observations: what a camera could have shown. */
final class DemoNotes {

    record Note(
            int daysAgo,
            List<String> children,
            String card,
            String words,
            int involvement,
            List<String> statements,
            DemoScene scene,
            List<String> inPhoto) {}

    static final List<Note> LOFT = List.of(
            things(
                    1,
                    "Anouk",
                    "Rice by the kilo",
                    "Put the rice parcel on one side of the scales and scooped rice into the other. Stopped at five scoops, looked, took half a scoop out again. \"Now it is the same sleepy.\"",
                    5,
                    RICE,
                    "eyfs-m-2",
                    "eyfs-pd-4",
                    "eyfs-cl-3"),
            with(
                    3,
                    List.of("Anouk", "Bram"),
                    "The parcel chute",
                    "Anouk and Bram carried the long ramp to the step together. Bram said \"you lift, I steer.\" They sent six parcels down; Anouk ran to catch each one.",
                    5,
                    CHUTE,
                    "eyfs-pd-1",
                    "eyfs-psed-3",
                    "eyfs-cl-1"),
            things(
                    6,
                    "Anouk",
                    "String, knots and labels",
                    "Crossed the two ends and pulled three times. At the fourth try she tucked one end under and held the loop with her chin. Carried the parcel round the room by its string.",
                    4,
                    KNOT,
                    "eyfs-pd-3",
                    "eyfs-psed-2"),
            things(
                    9,
                    "Anouk",
                    "String, knots and labels",
                    "Drew a curly line on a label and three dots. \"That says: for my grandfather, not today, tomorrow.\"",
                    4,
                    NONE,
                    "eyfs-l-3",
                    "eyfs-cl-3"),
            with(
                    13,
                    List.of("Anouk", "Cosima", "Idris"),
                    "Sorting office",
                    "Anouk laid the letters in two rows, large and small. Cosima put a small one on the large row; Idris moved it back. Anouk said \"no, that is its mother's row.\"",
                    4,
                    STAMPS,
                    "eyfs-m-3",
                    "eyfs-psed-3"),
            things(
                    17,
                    "Anouk",
                    "Ice parcels that melt",
                    "Held the warm brush against the ice for two minutes and watched water run down the side. Touched the felt letter as soon as a corner was free. \"It comes because I am warm.\"",
                    5,
                    ICE,
                    "eyfs-uw-3",
                    "eyfs-cl-4"),
            things(
                    22,
                    "Anouk",
                    "Rice by the kilo",
                    "Counted eleven scoops aloud into the jug, one number for each, and began again at one when the jug was full.",
                    4,
                    RICE,
                    "eyfs-m-1",
                    "eyfs-pd-4"),
            things(
                    27,
                    "Anouk",
                    "",
                    "Put on the post bag and went to each table. \"Sign here please.\" Waited until each child had made a mark.",
                    5,
                    NONE,
                    "eyfs-uw-2",
                    "eyfs-ead-2",
                    "eyfs-psed-1"),
            things(
                    31,
                    "Anouk",
                    "The parcel chute",
                    "Sent the wrapped ball and the wrapped block down side by side and said which would be first. Did it nine times.",
                    5,
                    CHUTE,
                    "eyfs-uw-3",
                    "eyfs-cl-4"),
            things(
                    36,
                    "Anouk",
                    "Sorting office",
                    "Found the A on three envelopes and put them by her peg.",
                    3,
                    NONE,
                    "eyfs-l-2"),
            things(
                    41,
                    "Anouk",
                    "",
                    "Told the story of the parcel that nobody opened, to two bears in the book corner, with a voice for each.",
                    4,
                    NONE,
                    "eyfs-l-1",
                    "eyfs-ead-2"),
            things(
                    45,
                    "Anouk",
                    "String, knots and labels",
                    "Printed a row of stamps along the edge of a card, red, blue, red, blue, and went on round the corner.",
                    4,
                    STAMPS,
                    "eyfs-m-3",
                    "eyfs-ead-1"),
            things(
                    2,
                    "Bram",
                    "The parcel chute",
                    "Raised the ramp by one block at a time, four times, and rolled the same ball each time. Nodded and fetched a fifth block.",
                    5,
                    CHUTE,
                    "eyfs-uw-3",
                    "eyfs-m-2"),
            things(
                    8,
                    "Bram",
                    "Rice by the kilo",
                    "Poured from the high jug and watched the rice make a hill. Put a finger in the top. Poured again.",
                    4,
                    RICE,
                    "eyfs-uw-3",
                    "eyfs-pd-4"),
            with(
                    15,
                    List.of("Bram", "Idris"),
                    "",
                    "Bram pushed the trolley round the garden with Idris's parcels and stopped at the gate for each stop sign.",
                    4,
                    PAPER,
                    "eyfs-pd-1",
                    "eyfs-psed-3"),
            things(
                    29,
                    "Bram",
                    "Ice parcels that melt",
                    "Said \"it is going away\" and pointed at the water.",
                    3,
                    ICE,
                    "eyfs-uw-3",
                    "eyfs-cl-3"),
            things(
                    4,
                    "Cosima",
                    "Sorting office",
                    "Put every stamp in the same corner of its envelope and moved two that were not.",
                    5,
                    STAMPS,
                    "eyfs-m-3",
                    "eyfs-pd-3"),
            things(
                    11,
                    "Idris",
                    "String, knots and labels",
                    "Wrapped the block, opened it, wrapped it again with the paper the other way.",
                    4,
                    NONE,
                    "eyfs-pd-3",
                    "eyfs-psed-2"),
            things(
                    19,
                    "Kofi",
                    "The parcel chute",
                    "Held the ramp still while three others had their turn.",
                    3,
                    NONE,
                    "eyfs-psed-1"),
            things(
                    7,
                    "Quentin",
                    "Lentils to the line",
                    "Overshot the line, said \"oh\", poured all of it back and tried again.",
                    5,
                    RICE,
                    "eyfs-m-2",
                    "eyfs-pd-3"),
            things(34, "Tamsin", "", "Asked why the stamp has to be on the right.", 3, NONE, "eyfs-cl-4"),
            things(
                    12,
                    "Yusuf",
                    "Rice by the kilo",
                    "Ran rice through open fingers from high and low and listened.",
                    5,
                    RICE,
                    "eyfs-uw-3"),
            things(
                    25,
                    "Chidi",
                    "The parcel chute",
                    "Lay down to look along the ramp with one eye.",
                    4,
                    CHUTE,
                    "eyfs-uw-3"),
            things(
                    5,
                    "Delphine",
                    "",
                    "Walked along the kerb of the sand pit with a parcel on her head.",
                    4,
                    NONE,
                    "eyfs-pd-2"));

    static final List<Note> NOOK = List.of(
            things(
                    1,
                    "Hana",
                    "Shredded paper post",
                    "Sat in the tray and let paper fall on her knees, handful after handful.",
                    5,
                    PAPER,
                    "sme-touch-1",
                    "sme-explore-3"),
            with(
                    3,
                    List.of("Dara", "Juno"),
                    "Stamp printing",
                    "Dara held the sheet while Juno pressed. Then they changed places.",
                    4,
                    STAMPS,
                    "sme-hand-4",
                    "sme-self-3"),
            things(
                    6,
                    "Eskil",
                    "Shredded paper post",
                    "Filled the large box to the rim, tipped it, and filled it again.",
                    5,
                    PAPER,
                    "sme-explore-3",
                    "sme-hand-5"),
            things(
                    9,
                    "Priya",
                    "Stamp printing",
                    "Pressed twelve times and looked under the stamp each time.",
                    4,
                    STAMPS,
                    "sme-explore-1"),
            things(16, "Wren", "", "Carried four parcels to the door, one at a time.", 4, NONE, "sme-move-1"),
            things(23, "Viggo", "Shredded paper post", "Crawled under the paper and called.", 4, NONE, "sme-say-3"));

    static final List<Note> BURROW = List.of(
            things(
                    2,
                    "Farida",
                    "Down the posting tube",
                    "Dropped the ball in, bent to the other end, waited, laughed. Seven times.",
                    5,
                    CHUTE,
                    "sme-hand-3",
                    "sme-look-1",
                    "sme-explore-1"),
            things(
                    5,
                    "Goran",
                    "Parcels to carry",
                    "Stood up holding the parcel and took three steps.",
                    4,
                    NONE,
                    "sme-move-1"),
            things(
                    10,
                    "Zofia",
                    "Down the posting tube",
                    "Looked into the tube from both ends before letting go.",
                    4,
                    NONE,
                    "sme-look-1"));

    static final List<Note> PIER = List.of(
            things(2, "Ines", "Letters in oats", "Found three letters with her eyes shut.", 5, NONE, "sme-touch-2"),
            with(
                    4,
                    List.of("Ines", "Rafe"),
                    "Letters in oats",
                    "Ines showed Rafe where the last letter was.",
                    4,
                    PAPER,
                    "sme-self-3"));

    private DemoNotes() {}

    private static Note things(
            int daysAgo, String child, String card, String words, int involvement, DemoScene scene, String... codes) {
        return new Note(daysAgo, List.of(child), card, words, involvement, List.of(codes), scene, List.of());
    }

    private static Note with(
            int daysAgo,
            List<String> children,
            String card,
            String words,
            int involvement,
            DemoScene scene,
            String... codes) {
        return new Note(daysAgo, children, card, words, involvement, List.of(codes), scene, children);
    }
}
