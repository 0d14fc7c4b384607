package app.carder.web.card;

import app.carder.core.measure.Length;
import app.carder.core.measure.Volume;
import app.carder.core.vessel.StatedVolume;
import app.carder.core.vessel.Vessel;
import app.carder.core.vessel.VesselShape;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** A vessel by its shape and measures, as columns. */
@Embeddable
class VesselColumns {

    @Enumerated(EnumType.STRING)
    private @Nullable VesselShape shape;

    private @Nullable Long firstUm;
    private @Nullable Long secondUm;
    private @Nullable Long depthUm;
    private @Nullable Long volumeUl;

    protected VesselColumns() {}

    VesselColumns(@Nullable Vessel vessel) {
        if (vessel != null) {
            shape = vessel.shape();
            depthUm = vessel.depth().micrometres();
            if (vessel instanceof StatedVolume stated) {
                volumeUl = stated.stated().microlitres();
            } else {
                firstUm = vessel.firstMeasure().micrometres();
                secondUm = vessel.secondMeasure().map(Length::micrometres).orElse(null);
            }
        }
    }

    Optional<Vessel> vessel() {
        VesselShape found = shape;
        Long depth = depthUm;
        if (found == null || depth == null) {
            return Optional.empty();
        }
        Length deep = Length.ofMicrometres(depth);
        if (found.isByVolume()) {
            return Optional.ofNullable(volumeUl).map(volume -> new StatedVolume(Volume.ofMicrolitres(volume), deep));
        }
        return Optional.ofNullable(firstUm)
                .map(first -> found.of(
                        Length.ofMicrometres(first),
                        Optional.ofNullable(secondUm).map(Length::ofMicrometres).orElse(Length.ZERO),
                        deep));
    }
}
