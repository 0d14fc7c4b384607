package app.carder.device.classlib.app.carder.core.said;

import app.carder.core.said.Said;
import app.carder.device.PageWords;

/** {@link app.carder.core.said.Catalogue} by the words of the page. */
public final class TCatalogue {

    private static final TCatalogue SPOKEN = new TCatalogue();

    private TCatalogue() {}

    /** The words of the page. */
    public static TCatalogue spoken() {
        return SPOKEN;
    }

    /** In words. */
    public String say(Said said) {
        return PageWords.say(said);
    }
}
