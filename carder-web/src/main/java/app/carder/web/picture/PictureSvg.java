package app.carder.web.picture;

import static app.carder.core.look.Path.number;

import app.carder.core.drawing.Sketch;
import app.carder.core.drawing.Sketch.Figure;
import app.carder.core.look.Colour;
import app.carder.core.look.Grain;
import app.carder.core.look.Ink;
import app.carder.core.look.Path;
import app.carder.core.look.Stroke;
import app.carder.core.picture.SetUpPicture;
import app.carder.core.picture.SetUpPicture.Frame;
import app.carder.core.picture.SetUpPicture.Kind;
import app.carder.core.picture.SetUpPicture.Layer;
import app.carder.core.picture.SetUpPicture.Piece;
import app.carder.core.picture.SetUpPicture.Zone;
import app.carder.core.said.Said;
import java.util.Collection;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.unbescape.xml.XmlEscape;

/**
 * Writes the picture of a card as SVG. Each thing is drawn once and used for all of its pieces; no picture needs anything from outside
 * itself, so that it stands in a page, on paper or alone.
 */
public final class PictureSvg {

    private static final String INK = Colour.INK.written();
    private static final String PAPER = Colour.PAPER.written();
    private static final String MAT = "#F6F1E4";
    private static final String MAT_EDGE = "#B9AE98";
    private static final String WALL = "#E9E2D2";
    private static final String SLOT_EDGE = "#857A63";
    private static final String ALERT = "#9C2F1F";
    private static final String FAINT = "#565046";
    private static final double THIN = 1 / 420.0;

    private final SetUpPicture picture;
    private final String ids;
    private final double line;

    private PictureSvg(SetUpPicture picture, String ids) {
        this.picture = picture;
        this.ids = ids;
        this.line = Math.max(picture.width(), picture.height()) * THIN;
    }

    /**
     * The picture with its words.
     *
     * @param title what it shows
     * @param ids what the ids in it begin with, where several stand on one page
     */
    public static String of(SetUpPicture picture, String title, String ids) {
        PictureSvg svg = new PictureSvg(picture, ids);
        return svg.whole(title, svg.size(), svg.symbols(), svg.used(piece -> ""));
    }

    /**
     * The same with the name of each piece, for a script that moves them.
     *
     * @param chosen names of the pieces that are chosen
     */
    public static String movable(SetUpPicture picture, String title, Set<String> chosen) {
        PictureSvg svg = new PictureSvg(picture, "p");
        return svg.whole(
                title,
                svg.size(),
                svg.symbols(),
                svg.used(piece -> " data-piece=\"%s\" data-group=\"%d\"%s"
                        .formatted(
                                name(piece), piece.group(), chosen.contains(name(piece)) ? " class=\"chosen\"" : "")));
    }

    /**
     * The same for paper: each piece is drawn by itself, since not every printer knows how to use a drawing twice.
     *
     * @param widthMm it is no wider
     * @param heightMm it is no higher
     */
    public static String printed(SetUpPicture picture, String title, int widthMm, int heightMm) {
        PictureSvg svg = new PictureSvg(picture, "p");
        String size = "width=\"%dmm\" height=\"%dmm\" alt=\"%s\""
                .formatted(widthMm, heightMm, XmlEscape.escapeXml10AttributeMinimal(title + ". " + words(picture)));
        return svg.whole(title, size, "", svg.drawn());
    }

    /**
     * A drawing without the element around it, for whoever keeps it; each piece is drawn by itself.
     *
     * @param viewBox of the element
     * @param marks what stands in it
     * @param words the same in words
     */
    public record Kept(String viewBox, String marks, String words) {}

    /**
     * A picture to be kept as it is today.
     *
     * @param ids what the ids in it begin with, where several stand on one page
     */
    public static Kept kept(SetUpPicture picture, String ids) {
        PictureSvg svg = new PictureSvg(picture, ids);
        return new Kept(svg.viewBox(), svg.marks("", svg.drawn()), words(picture));
    }

    /**
     * A thing in lines alone, for paper that swells where it is black, or a machine that cuts along them: children read the label by hand.
     * It is as large as a palm.
     */
    public static String relief(Sketch sketch) {
        String lines = sketch.marks().stream()
                .filter(mark -> mark instanceof Figure)
                .map(mark -> (Figure) mark)
                .map(figure -> "<path d=\"%s\"%s/>"
                        .formatted(figure.path().data(), figure.hasEdge() ? "" : " fill=\"#000000\""))
                .collect(Collectors.joining());
        return """
                <svg xmlns="http://www.w3.org/2000/svg" viewBox="%s" width="90mm" height="90mm"><title>%s</title>\
                <g fill="none" stroke="#000000" stroke-width="0.8" stroke-linejoin="round">%s</g></svg>""".formatted(sketch.viewBox(), escaped(sketch.title()), lines);
    }

    /** By which forms know a piece of a picture. */
    public static String name(Piece piece) {
        return piece.kind() + "-" + piece.number();
    }

    /** The words of a picture in one go. */
    public static String words(SetUpPicture picture) {
        return picture.words().stream().map(Said::words).collect(Collectors.joining(" "));
    }

    private String size() {
        return "width=\"%d\" height=\"%d\" role=\"img\""
                .formatted(Math.round(picture.width()), Math.round(picture.height()));
    }

    private String whole(String title, String size, String symbols, String pieces) {
        return """
                <svg xmlns="http://www.w3.org/2000/svg" viewBox="%s" %s><title>%s</title><desc>%s</desc>%s</svg>""".formatted(
                        viewBox(),
                        size,
                        // A card that has no title yet has a picture all the same.
                        escaped(title.isBlank() ? words(picture) : title),
                        escaped(words(picture)),
                        marks(symbols, pieces));
    }

    private String viewBox() {
        return "0 0 %s %s".formatted(number(picture.width()), number(picture.height()));
    }

    private String marks(String symbols, String pieces) {
        return """
                <defs>%s%s</defs>\
                <g fill="none" stroke="%s" stroke-width="%s" stroke-linejoin="round">%s%s%s%s%s</g>""".formatted(
                        surface().flatMap(this::pattern).orElse(""),
                        symbols,
                        INK,
                        fine(line),
                        ground(),
                        picture.kit().map(this::kit).orElse(""),
                        picture.slots().stream().map(this::slot).collect(Collectors.joining()),
                        pieces,
                        bar());
    }

    /** The layer that is seen from above. */
    private Optional<Layer> surface() {
        return picture.layers().isEmpty()
                ? Optional.empty()
                : Optional.of(picture.layers().get(picture.layers().size() - 1));
    }

    private String ground() {
        String rim = picture.ground().rim().data();
        if (!picture.ground().isVessel()) {
            return "<path d=\"%s\" fill=\"%s\" stroke=\"%s\" stroke-dasharray=\"%s\"/>"
                    .formatted(rim, MAT, MAT_EDGE, number(line * 5));
        }
        String inside = picture.ground().surface().data();
        return "<path d=\"%s\" fill=\"%s\" stroke-width=\"%s\"/>".formatted(rim, WALL, fine(line * 3))
                + "<path d=\"%s\" fill=\"%s\"/>"
                        .formatted(
                                inside,
                                surface().map(layer -> layer.colour().written()).orElse(PAPER))
                + surface()
                        .flatMap(Layer::grain)
                        .map(grain -> "<path d=\"%s\" fill=\"url(#%sg)\"/>".formatted(inside, ids))
                        .orElse("");
    }

    private Optional<String> pattern(Layer layer) {
        double tile = picture.grainTile();
        double scale = tile / Grain.TILE;
        return layer.grain()
                .map(grain ->
                        "<pattern id=\"%sg\" width=\"%s\" height=\"%s\" patternUnits=\"userSpaceOnUse\"><g fill=\"none\" stroke=\"%s\" stroke-width=\"%s\">%s</g></pattern>"
                                .formatted(
                                        ids,
                                        number(tile),
                                        number(tile),
                                        edge(layer.colour()),
                                        fine(line * 0.9),
                                        strokes(
                                                grain.tile().stream()
                                                        .map(stroke -> new Stroke(
                                                                stroke.ink(),
                                                                stroke.path().placed(scale, scale, 0, 0, 0)))
                                                        .toList(),
                                                layer.colour())));
    }

    /** A line that can be seen on a colour: darker than it, or lighter where it is dark already. */
    private static String edge(Colour colour) {
        return (colour.luminance() < 0.12 ? colour.lighter(0.55) : colour.darker(0.5)).written();
    }

    private String symbols() {
        return IntStream.range(0, picture.kinds().size())
                .mapToObj(kind -> "<g id=\"%s%d\">%s</g>"
                        .formatted(ids, kind, thing(picture.kinds().get(kind))))
                .collect(Collectors.joining());
    }

    /** One thing about its middle, with a rim of paper, so that dark things can be told from dark ground. */
    private String thing(Kind kind) {
        String rim = "<path d=\"%s\" stroke=\"%s\" stroke-width=\"%s\"/>"
                .formatted(kind.strokes().get(0).path().data(), PAPER, fine(line * 4.5));
        double size = kind.footprint().width() * 0.6;
        String asked = kind.isMeasured()
                ? ""
                : "<text y=\"%s\" text-anchor=\"middle\" stroke=\"none\" fill=\"%s\" font-weight=\"700\" font-size=\"%s\">?</text>"
                        .formatted(number(size * 0.35), INK, number(size));
        return rim + strokes(kind.strokes(), kind.colour()) + asked;
    }

    private static String strokes(Collection<Stroke> strokes, Colour colour) {
        return strokes.stream()
                .map(stroke -> "<path d=\"%s\"%s/>".formatted(stroke.path().data(), attributes(stroke.ink(), colour)))
                .collect(Collectors.joining());
    }

    private static String attributes(Ink ink, Colour colour) {
        String face = ink.face(colour)
                .map(found -> " fill=\"" + found.written() + "\"")
                .orElse("");
        return ink == Ink.INK ? face + " stroke=\"none\"" : face;
    }

    /** What is said of each piece on its element. */
    private interface Named {
        String attributes(Piece piece);
    }

    private String used(Named named) {
        return picture.pieces().stream()
                .map(piece -> "<use%s href=\"#%s%d\" transform=\"%s\"/>%s"
                        .formatted(named.attributes(piece), ids, piece.kind(), place(piece), outside(piece)))
                .collect(Collectors.joining());
    }

    private String drawn() {
        return picture.pieces().stream()
                .map(piece -> "<g transform=\"%s\">%s</g>%s"
                        .formatted(place(piece), thing(picture.kinds().get(piece.kind())), outside(piece)))
                .collect(Collectors.joining());
    }

    private static String place(Piece piece) {
        long turn = Math.round(piece.turn());
        return "translate(%s %s)%s"
                .formatted(number(piece.x()), number(piece.y()), turn == 0 ? "" : "rotate(" + turn + ")");
    }

    private String outside(Piece piece) {
        if (piece.zone() != Zone.NOT_IN) {
            return "";
        }
        var footprint = picture.kinds().get(piece.kind()).footprint();
        double radius = Math.max(footprint.length(), footprint.width()) * 0.62;
        return "<circle cx=\"%s\" cy=\"%s\" r=\"%s\" stroke=\"%s\" stroke-width=\"%s\" stroke-dasharray=\"%s\"/>"
                .formatted(
                        number(piece.x()),
                        number(piece.y()),
                        number(radius),
                        ALERT,
                        fine(line * 2.4),
                        number(line * 8));
    }

    private String kit(Frame frame) {
        return "<path d=\"%s\" stroke-width=\"%s\"/>".formatted(outline(frame, line * 12), fine(line * 2.4));
    }

    private String slot(Frame frame) {
        return "<path d=\"%s\" stroke=\"%s\" fill=\"%s\" fill-opacity=\".6\"/>"
                .formatted(outline(frame, line * 4), SLOT_EDGE, PAPER);
    }

    private static String outline(Frame frame, double corner) {
        return Path.rounded(frame.x(), frame.y(), frame.width(), frame.height(), corner)
                .data();
    }

    private String bar() {
        double x = picture.bar().x();
        double y = picture.bar().y();
        double end = x + picture.bar().length().inMillimetres();
        double tick = line * 4;
        double size = Math.max(picture.width(), picture.height()) / 34;
        return "<path d=\"M%1$s %3$sV%4$sM%1$s %5$sH%2$sM%2$s %3$sV%4$s\" stroke-width=\"%6$s\"/>"
                        .formatted(
                                number(x), number(end), number(y - tick), number(y + tick), number(y), fine(line * 1.6))
                + "<text x=\"%s\" y=\"%s\" stroke=\"none\" fill=\"%s\" font-family=\"Next, sans-serif\" font-size=\"%s\">%s</text>"
                        .formatted(
                                number(end + tick * 2),
                                number(y + size * 0.35),
                                FAINT,
                                number(size),
                                escaped(picture.bar().length().forPeople()));
    }

    private static String fine(double value) {
        return String.format(Locale.ROOT, "%.2f", value);
    }

    private static String escaped(String text) {
        return XmlEscape.escapeXml10Minimal(text);
    }
}
