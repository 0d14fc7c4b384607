package app.carder.web.setting;

import com.fasterxml.uuid.Generators;
import com.fasterxml.uuid.impl.TimeBasedEpochGenerator;
import java.util.UUID;

/** Mints time-ordered ids (UUID version 7, RFC 9562). */
public final class Ids {

    private static final TimeBasedEpochGenerator GENERATOR = Generators.timeBasedEpochGenerator();

    private Ids() {}

    /** A new one, later than all before. */
    public static UUID next() {
        return GENERATOR.generate();
    }
}
