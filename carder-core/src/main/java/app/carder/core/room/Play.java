package app.carder.core.room;

import app.carder.core.said.Said;

/** How high a child's play is: what an adult must see to see the child. Common practice. */
public enum Play {
    /** Sitting or lying on the floor. */
    FLOOR(300),
    /** Sitting or standing at a low table. */
    TABLE(800);

    private final int heightMm;

    Play(int heightMm) {
        this.heightMm = heightMm;
    }

    /** For people. */
    public String words() {
        return Said.say("play-at." + name());
    }

    /** What must be seen, millimetres above the floor. */
    public int heightMm() {
        return heightMm;
    }
}
