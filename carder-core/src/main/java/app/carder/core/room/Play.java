package app.carder.core.room;

/** How high a child's play is: what an adult must see to see the child. Common practice. */
public enum Play {
    /** Sitting or lying on the floor. */
    FLOOR("on the floor", 300),
    /** Sitting or standing at a low table. */
    TABLE("at a table", 800);

    private final String words;
    private final int heightMm;

    Play(String words, int heightMm) {
        this.words = words;
        this.heightMm = heightMm;
    }

    /** For people. */
    public String words() {
        return words;
    }

    /** What must be seen, millimetres above the floor. */
    public int heightMm() {
        return heightMm;
    }
}
