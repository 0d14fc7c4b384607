package app.carder.web.provocation;

import app.carder.core.measure.Length;
import app.carder.core.vessel.Box;
import app.carder.core.vessel.OctagonalTray;
import app.carder.core.vessel.RoundTub;
import app.carder.core.vessel.TaperedJug;
import app.carder.core.vessel.Vessel;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/** The inside measures of a vessel by the name of their column and input: first, second, depth. */
final class VesselMeasures {

    private VesselMeasures() {}

    /** The first measure across. */
    static Length first(Vessel vessel) {
        if (vessel instanceof Box box) {
            return box.length();
        }
        if (vessel instanceof RoundTub tub) {
            return tub.diameter();
        }
        if (vessel instanceof OctagonalTray tray) {
            return tray.acrossFlats();
        }
        return ((TaperedJug) vessel).baseDiameter();
    }

    /** The second measure across, where the shape has one. */
    static Optional<Length> second(Vessel vessel) {
        if (vessel instanceof Box box) {
            return Optional.of(box.width());
        }
        return vessel instanceof TaperedJug jug ? Optional.of(jug.rimDiameter()) : Optional.empty();
    }

    /** In centimetres, by input. */
    static Map<String, String> of(Vessel vessel) {
        Map<String, String> measures = new LinkedHashMap<>();
        measures.put("first", centimetres(first(vessel)));
        second(vessel).ifPresent(length -> measures.put("second", centimetres(length)));
        measures.put("depth", centimetres(vessel.depth()));
        return measures;
    }

    private static String centimetres(Length length) {
        return length.exactCentimetres().toPlainString();
    }
}
