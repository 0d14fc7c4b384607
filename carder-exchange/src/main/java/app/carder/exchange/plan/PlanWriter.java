package app.carder.exchange.plan;

import app.carder.core.room.Footprint;
import app.carder.core.room.Point;
import app.carder.core.room.RoomPlan;
import app.carder.core.room.RoomPlan.Door;
import app.carder.core.room.RoomPlan.Piece;
import app.carder.core.room.RoomPlan.Spot;
import app.carder.core.room.RoomPlan.Wall;
import app.carder.core.room.RoomPlan.Zone;
import java.io.StringWriter;
import java.util.Locale;
import java.util.stream.Collectors;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;

/** Writes one plan. Sizes are millimetres; a margin of half a metre runs around the outline. */
final class PlanWriter {

    private static final int MARGIN_MM = 500;
    private static final int ZONE_LETTER_MM = 170;

    private final RoomPlan plan;
    private final StringWriter text = new StringWriter();
    private final XMLStreamWriter svg;

    PlanWriter(RoomPlan plan) {
        this.plan = plan;
        try {
            this.svg = XMLOutputFactory.newDefaultFactory().createXMLStreamWriter(text);
        } catch (XMLStreamException broken) {
            throw new IllegalStateException("Impossible state: no SVG can be written to memory.", broken);
        }
    }

    String write(String title) {
        try {
            document(title);
            svg.flush();
            return text.toString();
        } catch (XMLStreamException broken) {
            throw new IllegalStateException("Impossible state: no SVG can be written to memory.", broken);
        }
    }

    private void document(String title) throws XMLStreamException {
        int right = plan.outline().stream().mapToInt(Point::xMm).max().orElseThrow() + MARGIN_MM;
        int foot = plan.outline().stream().mapToInt(Point::yMm).max().orElseThrow() + MARGIN_MM;
        int left = plan.outline().stream().mapToInt(Point::xMm).min().orElseThrow() - MARGIN_MM;
        int top = plan.outline().stream().mapToInt(Point::yMm).min().orElseThrow() - MARGIN_MM;
        svg.writeStartElement("svg");
        svg.writeDefaultNamespace("http://www.w3.org/2000/svg");
        attribute("viewBox", left + " " + top + " " + (right - left) + " " + (foot - top));
        attribute("class", "plan");
        attribute("data-carder", "plan");
        attribute("data-version", PlanSvg.VERSION);
        attribute("data-place", plan.place());
        attribute("data-path", plan.pathWidthMm());
        svg.writeStartElement("title");
        svg.writeCharacters(title);
        svg.writeEndElement();
        outline();
        for (Zone zone : plan.zones()) {
            zone(zone);
        }
        for (Piece piece : plan.pieces()) {
            piece(piece);
        }
        for (Wall wall : plan.walls()) {
            line("wall", wall.id(), wall.from(), wall.to(), "#23211E");
            svg.writeEndElement();
        }
        for (Door door : plan.doors()) {
            line("door", door.id(), door.from(), door.to(), "#F4F0E6");
            attribute("data-use", door.use());
            svg.writeEndElement();
        }
        for (Spot spot : plan.spots()) {
            spot(spot);
        }
        svg.writeEndElement();
    }

    private void outline() throws XMLStreamException {
        svg.writeStartElement("polygon");
        attribute("class", "outline");
        attribute("data-carder", "outline");
        attribute("points", plan.outline().stream().map(PlanWriter::pair).collect(Collectors.joining(" ")));
        paint("#FFFDF8", "#23211E", 120);
        svg.writeEndElement();
    }

    private void zone(Zone zone) throws XMLStreamException {
        place("zone", zone.id(), zone.name(), zone.footprint());
        attribute("data-kind", zone.kind());
        attribute("data-ground", zone.ground());
        rect(zone.footprint(), "#EAD9B5", "#857A63", 20);
        // At the zone's head: its middle is where furniture stands.
        label(zone.name(), -zone.footprint().depthMm() / 2 + ZONE_LETTER_MM * 3 / 2, ZONE_LETTER_MM);
        svg.writeEndElement();
    }

    private void piece(Piece piece) throws XMLStreamException {
        place("piece", piece.id(), piece.name(), piece.footprint());
        attribute("data-kind", piece.kind());
        attribute("data-height", piece.heightMm());
        attribute("data-places", piece.places());
        rect(piece.footprint(), "#FFFDF8", "#23211E", 30);
        int across = Math.max(piece.footprint().widthMm(), piece.footprint().depthMm());
        int letter = Math.max(60, Math.min(130, 8 * across / 5 / piece.title().length()));
        label(piece.title(), letter / 3, letter);
        svg.writeEndElement();
    }

    private void place(String what, String id, String name, Footprint footprint) throws XMLStreamException {
        svg.writeStartElement("g");
        attribute("class", what);
        attribute("data-carder", what);
        attribute("data-id", id);
        attribute("data-name", name);
        attribute("data-x", footprint.middle().xMm());
        attribute("data-y", footprint.middle().yMm());
        attribute("data-width", footprint.widthMm());
        attribute("data-depth", footprint.depthMm());
        attribute("data-turn", footprint.turnDegrees());
        attribute(
                "transform",
                String.format(
                        Locale.ROOT,
                        "translate(%d %d) rotate(%d)",
                        footprint.middle().xMm(),
                        footprint.middle().yMm(),
                        footprint.turnDegrees()));
    }

    private void rect(Footprint footprint, String fill, String stroke, int width) throws XMLStreamException {
        svg.writeStartElement("rect");
        attribute("x", String.format(Locale.ROOT, "%.1f", -footprint.widthMm() / 2.0));
        attribute("y", String.format(Locale.ROOT, "%.1f", -footprint.depthMm() / 2.0));
        attribute("width", footprint.widthMm());
        attribute("height", footprint.depthMm());
        paint(fill, stroke, width);
        svg.writeEndElement();
    }

    private void label(String words, int y, int letterMm) throws XMLStreamException {
        svg.writeStartElement("text");
        attribute("text-anchor", "middle");
        attribute("y", y);
        attribute("font-size", letterMm);
        svg.writeCharacters(words);
        svg.writeEndElement();
    }

    private void line(String what, String id, Point from, Point to, String stroke) throws XMLStreamException {
        svg.writeStartElement("line");
        attribute("class", what);
        attribute("data-carder", what);
        attribute("data-id", id);
        attribute("x1", from.xMm());
        attribute("y1", from.yMm());
        attribute("x2", to.xMm());
        attribute("y2", to.yMm());
        paint("none", stroke, what.equals("wall") ? 100 : 140);
    }

    private void spot(Spot spot) throws XMLStreamException {
        svg.writeStartElement("g");
        attribute("class", "spot");
        attribute("data-carder", "spot");
        attribute("data-id", spot.id());
        attribute("data-x", spot.at().xMm());
        attribute("data-y", spot.at().yMm());
        attribute("data-posture", spot.posture());
        attribute("transform", "translate(" + spot.at().xMm() + " " + spot.at().yMm() + ")");
        svg.writeStartElement("circle");
        attribute("r", 200);
        paint("#234E70", "#FFFDF8", 30);
        svg.writeEndElement();
        svg.writeEndElement();
    }

    private void paint(String fill, String stroke, int width) throws XMLStreamException {
        attribute("fill", fill);
        attribute("stroke", stroke);
        attribute("stroke-width", width);
    }

    private void attribute(String name, Object value) throws XMLStreamException {
        svg.writeAttribute(name, value.toString());
    }

    private static String pair(Point point) {
        return point.xMm() + "," + point.yMm();
    }
}
