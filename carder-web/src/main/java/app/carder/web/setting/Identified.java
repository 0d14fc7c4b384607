package app.carder.web.setting;

import java.util.UUID;

/** An argument that is itself a view of what is stored: its id tells questions apart, and an area tells when it changed. */
public interface Identified {

    /** Its id. */
    UUID id();
}
