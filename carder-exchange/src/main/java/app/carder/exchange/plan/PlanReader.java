package app.carder.exchange.plan;

import app.carder.core.room.Footprint;
import app.carder.core.room.FurnitureKind;
import app.carder.core.room.Point;
import app.carder.core.room.RoomPlan;
import app.carder.core.room.RoomPlan.Door;
import app.carder.core.room.RoomPlan.DoorUse;
import app.carder.core.room.RoomPlan.Ground;
import app.carder.core.room.RoomPlan.Piece;
import app.carder.core.room.RoomPlan.Place;
import app.carder.core.room.RoomPlan.Posture;
import app.carder.core.room.RoomPlan.Spot;
import app.carder.core.room.RoomPlan.Wall;
import app.carder.core.room.RoomPlan.Zone;
import app.carder.core.room.ZoneKind;
import app.carder.core.said.Refused;
import java.io.IOException;
import java.io.StringReader;
import java.util.ArrayList;
import java.util.List;
import javax.xml.XMLConstants;
import javax.xml.parsers.DocumentBuilder;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.parsers.ParserConfigurationException;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;
import org.xml.sax.InputSource;
import org.xml.sax.SAXException;
import org.xml.sax.helpers.DefaultHandler;

/** Reads one plan. What does not carry {@code data-carder} is decoration and passed over. */
final class PlanReader {

    private final Element root;
    private final List<Point> outline = new ArrayList<>();
    private final List<Wall> walls = new ArrayList<>();
    private final List<Door> doors = new ArrayList<>();
    private final List<Zone> zones = new ArrayList<>();
    private final List<Piece> pieces = new ArrayList<>();
    private final List<Spot> spots = new ArrayList<>();

    PlanReader(String svg) {
        this.root = parse(svg);
    }

    private static Element parse(String svg) {
        try {
            DocumentBuilderFactory factory = DocumentBuilderFactory.newDefaultInstance();
            // A plan needs no document type; whoever sends one wants the parser to open other files.
            factory.setFeature("http://apache.org/xml/features/disallow-doctype-decl", true);
            factory.setFeature(XMLConstants.FEATURE_SECURE_PROCESSING, true);
            factory.setXIncludeAware(false);
            factory.setExpandEntityReferences(false);
            DocumentBuilder builder = factory.newDocumentBuilder();
            builder.setErrorHandler(new DefaultHandler());
            return builder.parse(new InputSource(new StringReader(svg))).getDocumentElement();
        } catch (SAXException | IOException broken) {
            throw Refused.because("refused.plan-reader.no-svg").from(broken);
        } catch (ParserConfigurationException broken) {
            throw new IllegalStateException("Impossible state: no XML can be read.", broken);
        }
    }

    RoomPlan read() {
        if (!root.getAttribute("data-carder").equals("plan")) {
            throw Refused.because("refused.plan-reader.this-svg-is");
        }
        int version = whole(root, "data-version");
        if (version != PlanSvg.VERSION) {
            throw Refused.because("refused.plan-reader.the-plan-must", PlanSvg.VERSION, version);
        }
        NodeList all = root.getElementsByTagName("*");
        for (int at = 0; at < all.getLength(); at++) {
            if (all.item(at) instanceof Element element && element.hasAttribute("data-carder")) {
                thing(element);
            }
        }
        return new RoomPlan(
                one(Place.class, root, "data-place"),
                outline,
                whole(root, "data-path"),
                walls,
                doors,
                zones,
                pieces,
                spots);
    }

    private void thing(Element element) {
        String id = element.getAttribute("data-id");
        switch (element.getAttribute("data-carder")) {
            case "outline" -> outline(element.getAttribute("points"));
            case "wall" -> walls.add(new Wall(id, point(element, "x1", "y1"), point(element, "x2", "y2")));
            case "door" ->
                doors.add(new Door(
                        id,
                        one(DoorUse.class, element, "data-use"),
                        point(element, "x1", "y1"),
                        point(element, "x2", "y2")));
            case "zone" ->
                zones.add(new Zone(
                        id,
                        element.getAttribute("data-name"),
                        one(ZoneKind.class, element, "data-kind"),
                        one(Ground.class, element, "data-ground"),
                        footprint(element)));
            case "piece" ->
                pieces.add(new Piece(
                        id,
                        one(FurnitureKind.class, element, "data-kind"),
                        element.getAttribute("data-name"),
                        footprint(element),
                        whole(element, "data-height"),
                        whole(element, "data-places")));
            case "spot" ->
                spots.add(
                        new Spot(id, point(element, "data-x", "data-y"), one(Posture.class, element, "data-posture")));
            default -> throw Refused.because("refused.plan-reader.a-plan-must", element.getAttribute("data-carder"));
        }
    }

    private void outline(String points) {
        for (String pair : points.strip().split("\\s+")) {
            String[] parts = pair.split(",");
            if (parts.length != 2) {
                throw Refused.because("refused.plan-reader.a-corner-must", pair);
            }
            outline.add(new Point(whole(parts[0], "corner"), whole(parts[1], "corner")));
        }
    }

    private static Footprint footprint(Element element) {
        return new Footprint(
                point(element, "data-x", "data-y"),
                whole(element, "data-width"),
                whole(element, "data-depth"),
                whole(element, "data-turn"));
    }

    private static Point point(Element element, String x, String y) {
        return new Point(whole(element, x), whole(element, y));
    }

    private static int whole(Element element, String name) {
        return whole(element.getAttribute(name), name);
    }

    private static int whole(String text, String name) {
        try {
            return Integer.parseInt(text);
        } catch (NumberFormatException notWhole) {
            throw Refused.because("refused.plan-reader.whole-number", name, text)
                    .from(notWhole);
        }
    }

    private static <E extends Enum<E>> E one(Class<E> choices, Element element, String name) {
        for (E choice : choices.getEnumConstants()) {
            if (choice.name().equals(element.getAttribute(name))) {
                return choice;
            }
        }
        throw Refused.because("refused.plan-reader.must-be-one", name, element.getAttribute(name));
    }
}
