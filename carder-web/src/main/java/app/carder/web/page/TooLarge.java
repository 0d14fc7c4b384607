package app.carder.web.page;

import java.io.IOException;

/** A body is longer than is taken, however long it said that it would be. */
public final class TooLarge extends IOException {

    TooLarge(long most) {
        super("A body has more than %d bytes.".formatted(most));
    }
}
