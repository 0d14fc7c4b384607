package app.carder.core.watch;

import app.carder.core.said.Said;

/**
 * A repeated pattern of play. After Athey (1990, 2007) and later practice writers, from memory; the signs are our own
 * words.
 */
public enum Schema {
    UP_AND_DOWN,
    ALONG_AND_ACROSS,
    ROTATION,
    ENCLOSURE,
    ENVELOPING,
    CONTAINING,
    TRANSPORTING,
    CONNECTING,
    DISCONNECTING,
    POSITIONING,
    ORIENTATION,
    GOING_THROUGH,
    GOING_ROUND,
    SCATTERING,
    TRANSFORMING,
    GRIDS_AND_RAYS;

    /** Its name. */
    public String words() {
        return Said.say("schema." + name());
    }

    /** What is seen. */
    public String signs() {
        return Said.say("schema." + name() + ".signs");
    }
}
