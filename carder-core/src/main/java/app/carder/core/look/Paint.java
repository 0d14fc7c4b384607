package app.carder.core.look;

import app.carder.core.said.Said;

/** Colours to choose from where somebody says how a thing looks. */
public enum Paint {
    RED("#C0392B"),
    ORANGE("#D98B4A"),
    YELLOW("#EBCB77"),
    GREEN("#7BA05B"),
    TURQUOISE("#4E8C8A"),
    BLUE("#5B7DB1"),
    PURPLE("#7A5A9E"),
    PINK("#C97B94"),
    BROWN("#8A5A35"),
    WOOD("#CDAE7C"),
    WHITE("#F4EFDF"),
    GREY("#A9AFB3"),
    BLACK("#3E3A44");

    private final Colour colour;

    Paint(String written) {
        this.colour = Colour.of(written);
    }

    /** As it is drawn. */
    public Colour colour() {
        return colour;
    }

    /** For people. */
    public String words() {
        return Said.say("paint." + name());
    }
}
