package app.carder.fault;

import app.carder.core.room.Footprint;
import app.carder.core.room.FurnitureKind;
import app.carder.core.room.Point;
import app.carder.core.room.RoomPlan;
import app.carder.core.room.ZoneKind;
import app.carder.exchange.plan.PlanSvg;
import app.carder.web.kit.Photos;
import java.io.IOException;
import java.io.InputStream;
import java.net.http.HttpRequest.BodyPublisher;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.UUID;

/** What a hostile member of staff, or a stranger, could send to break or fill the machine. */
final class Attacks {

    private static final String JSON = "application/json";
    private static final String SVG = "image/svg+xml";
    private static final String BOUNDARY = "carder-attack";
    private static final int MEGABYTE = 1024 * 1024;

    private final UUID room;
    private final UUID child;
    private final byte[] manyPixels = Photos.black(30_000, 6_000);
    private final byte[] justTaken = Photos.black(19_900, 6_000);
    private final byte[] longAndThin = Photos.black(60_000, 3);
    private final byte[] manyChunks =
            Photos.withChunks(Photos.chunk("tEXt", "k\0v".getBytes(StandardCharsets.ISO_8859_1)), 60_000);
    private final byte[] folded = Photos.withChunks(Photos.folded(200), 1);
    private final String crowded = PlanSvg.write("x", crowded());

    Attacks(UUID room, UUID child) {
        this.room = room;
        this.child = child;
    }

    /** What is done once; the status of the answer. */
    interface Attack {
        int by(Visitor visitor) throws IOException, InterruptedException;
    }

    /** An attack with its name for people. */
    record Named(String name, Attack attack) {}

    /** Those that need an account. */
    List<Named> ofStaff() {
        String rooms = "/rooms/" + room;
        List<Named> all = new ArrayList<>();
        all.add(post("records: two megabytes", "/watch/sync", JSON, text("{\"items\":\"" + "x".repeat(2 * MEGABYTE))));
        all.add(post("records: a body without end", "/watch/sync", JSON, endless()));
        all.add(post("records: nested 300,000 deep", "/watch/sync", JSON, text("{\"items\":" + "[".repeat(300_000))));
        all.add(post("records: 20,000 that are none", "/watch/sync", JSON, text(nonsense())));
        all.add(photo("photo: 180 million pixels", manyPixels));
        all.add(photo("photo: 119 million pixels, which are taken", justTaken));
        all.add(photo("photo: 60,000 by 3 pixels", longAndThin));
        all.add(photo("photo: 60,000 pieces", manyChunks));
        all.add(photo("photo: 200 megabytes folded into words", folded));
        all.add(photo("photo: 26 megabytes of nothing", new byte[26 * MEGABYTE]));
        all.add(post("plan: 300 things, looked over", rooms + "/plan/look", SVG, text(crowded)));
        all.add(post(
                "plan: 300 things, 8 adults to place",
                rooms + "/plan/spots?adults=8&posture=SEATED&play=FLOOR",
                SVG,
                text(crowded)));
        all.add(post("plan: a megabyte of points", rooms + "/plan/look", SVG, text(points())));
        all.add(file("calendar: every second for ever", "/calendar/import", calendar("SECONDLY", 1)));
        all.add(file("calendar: 1,900 events a day since 1900", "/calendar/import", calendar("DAILY", 1900)));
        all.add(file("cards: nested 300,000 deep", rooms + "/cards/import", "[".repeat(300_000)));
        all.add(file("cards: five megabytes", rooms + "/cards/import", "{\"cards\":\"" + "x".repeat(5 * MEGABYTE)));
        all.add(file(
                "cupboard: one cell of two megabytes", "/materials/import", "name\n\"" + "x".repeat(2 * MEGABYTE)));
        all.add(form(
                "carer: an address of 100,000 parts",
                "/children/" + child + "/carers",
                "name=A&email=a%40" + "a.".repeat(100_000)));
        all.add(form(
                "child: a name of a million letters",
                "/children/" + child + "/edit",
                "givenName=" + "x".repeat(MEGABYTE)));
        all.add(form("form: three megabytes", "/children/" + child + "/edit", "givenName=" + "x".repeat(3 * MEGABYTE)));
        all.add(form("form: 200,000 fields", "/children/" + child + "/edit", "a=1&".repeat(200_000)));
        all.add(form("week: proposed again and again", rooms + "/week/propose", "of=2026-06-01"));
        all.add(form("rota: 26 weeks", rooms + "/rota/leads", "firstMonday=2026-06-01&weeks=26"));
        all.add(post(
                "draft: half a megabyte",
                "/drafts",
                JSON,
                text("{\"place\":\"/kits\",\"fields\":[[\"a\",\"" + "x".repeat(MEGABYTE / 2) + "\"]]}")));
        all.add(new Named(
                "upload: promised and never sent",
                visitor -> visitor.client()
                        .send(
                                visitor.request("/watch/uploads")
                                        .header("Tus-Resumable", "1.0.0")
                                        .header("Upload-Length", "60000000")
                                        .POST(BodyPublishers.noBody())
                                        .build(),
                                BodyHandlers.discarding())
                        .statusCode()));
        for (String path : List.of(
                "/calculators/grid?size=999999999&givens=99999999",
                "/calculators/dough?children=99999999999999999999",
                "/materials?search=" + "%25_".repeat(1000),
                rooms + "/week.pdf",
                rooms + "/cards?page=2147483647",
                "/access-log?page=2147483647")) {
            all.add(get(path));
        }
        return all;
    }

    /** Those that anybody can try. */
    List<Named> ofStrangers() {
        return List.of(
                form("stranger: guesses a password", "/sign-in", "username=imelda&password=not-it"),
                form(
                        "stranger: a password of a megabyte",
                        "/sign-in",
                        "username=imelda&password=" + "x".repeat(MEGABYTE)),
                form("stranger: guesses a code", "/open/" + "x".repeat(32), "code=000000"),
                photo("stranger: a photo", manyPixels),
                post("stranger: records without end", "/watch/sync", JSON, endless()),
                get("/open/%00%00"),
                get("/children/" + child),
                get("/calendar/feed/" + "x".repeat(4000)));
    }

    private static Named get(String path) {
        return new Named(
                "page: " + (path.length() > 60 ? path.substring(0, 60) + "…" : path),
                visitor -> visitor.get(path).statusCode());
    }

    private static Named post(String name, String path, String type, BodyPublisher body) {
        return new Named(name, visitor -> visitor.post(path, type, body));
    }

    private static Named form(String name, String path, String fields) {
        return post(name, path, Visitor.FORM, text(fields));
    }

    private Named photo(String name, byte[] photo) {
        return parts(name, "/rooms/" + room + "/observations", "photo", photo);
    }

    private static Named file(String name, String path, String content) {
        return parts(name, path, "file", content.getBytes(StandardCharsets.UTF_8));
    }

    private static Named parts(String name, String path, String part, byte[] content) {
        byte[] head =
                ("--%s\r\nContent-Disposition: form-data; name=\"id\"\r\n\r\n%s\r\n--%s\r\nContent-Disposition: form-data; name=\"%s\"; filename=\"x\"\r\n\r\n")
                        .formatted(BOUNDARY, UUID.randomUUID(), BOUNDARY, part)
                        .getBytes(StandardCharsets.UTF_8);
        byte[] foot = ("\r\n--" + BOUNDARY + "--\r\n").getBytes(StandardCharsets.UTF_8);
        return post(
                name,
                path,
                "multipart/form-data; boundary=" + BOUNDARY,
                BodyPublishers.ofByteArrays(List.of(head, content, foot)));
    }

    private static BodyPublisher text(String text) {
        return BodyPublishers.ofString(text);
    }

    /** A hundred megabytes of which the receiver is not told how many they are. */
    private static BodyPublisher endless() {
        return BodyPublishers.ofInputStream(() -> new InputStream() {
            private long left = 100L * MEGABYTE;

            @Override
            public int read() {
                left--;
                return left < 0 ? -1 : ' ';
            }
        });
    }

    private static String nonsense() {
        return "{\"device\":\"%s\",\"name\":\"x\",\"clockOffsetMs\":0,\"clockUncertaintyMs\":0,\"unsent\":0,\"items\":[%s{}]}"
                .formatted(UUID.randomUUID(), "{\"id\":7},".repeat(20_000));
    }

    private static String points() {
        return "<svg xmlns=\"http://www.w3.org/2000/svg\"><polygon points=\"" + "1,1 ".repeat(MEGABYTE / 5)
                + "\"/></svg>";
    }

    private static String calendar(String often, int events) {
        String event = "BEGIN:VEVENT\r\nUID:1\r\nDTSTAMP:20260101T000000Z\r\nDTSTART:19000101T000000Z\r\nRRULE:FREQ="
                + often + "\r\nEND:VEVENT\r\n";
        return "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//x//EN\r\n" + event.repeat(events) + "END:VCALENDAR\r\n";
    }

    /** The most that a plan may have, all of it in the way of all the rest. */
    private static RoomPlan crowded() {
        Random random = new Random(20_260_506);
        List<Point> outline = new ArrayList<>();
        for (int at = 0; at < 40; at++) {
            double angle = 2 * Math.PI * at / 40;
            int far = at % 2 == 0 ? 14_500 : 9000;
            outline.add(new Point((int) (15_000 + far * Math.cos(angle)), (int) (15_000 + far * Math.sin(angle))));
        }
        List<RoomPlan.Zone> zones = new ArrayList<>();
        List<RoomPlan.Piece> pieces = new ArrayList<>();
        List<RoomPlan.Spot> spots = new ArrayList<>();
        for (int at = 0; at < 90; at++) {
            zones.add(new RoomPlan.Zone(
                    UUID.randomUUID().toString(),
                    "Zone " + at,
                    ZoneKind.values()[at % ZoneKind.values().length],
                    RoomPlan.Ground.HARD,
                    Footprint.of(6000 + random.nextInt(18_000), 6000 + random.nextInt(18_000), 12_000, 9000, at)));
            spots.add(new RoomPlan.Spot(
                    "spot-" + at,
                    new Point(8000 + random.nextInt(14_000), 8000 + random.nextInt(14_000)),
                    RoomPlan.Posture.SEATED));
        }
        FurnitureKind[] kinds = FurnitureKind.values();
        for (int at = 0; at < 115; at++) {
            pieces.add(new RoomPlan.Piece(
                    "piece-" + at,
                    kinds[at % kinds.length],
                    "",
                    Footprint.of(
                            6000 + random.nextInt(18_000),
                            6000 + random.nextInt(18_000),
                            300 + random.nextInt(3000),
                            300,
                            random.nextInt(360)),
                    1400,
                    0));
        }
        return new RoomPlan(RoomPlan.Place.INDOORS, outline, 900, List.of(), List.of(), zones, pieces, spots);
    }
}
