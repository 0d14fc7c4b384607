package app.carder.core.watch;

/**
 * A repeated pattern of play. After Athey (1990, 2007) and later practice writers, from memory; the signs are our own
 * words.
 */
public enum Schema {
    UP_AND_DOWN("Up and down", "drops, climbs and jumps, builds up and knocks down"),
    ALONG_AND_ACROSS("Along and across", "rolls, pushes, throws, runs to and fro, slides things down a slope"),
    ROTATION("Rotation", "turns wheels, lids and taps, stirs, spins"),
    ENCLOSURE("Enclosure", "builds fences, draws closed lines, sits inside rings"),
    ENVELOPING("Enveloping", "wraps, covers, buries, paints over"),
    CONTAINING("Containing", "fills pots, puts things inside things, climbs into boxes"),
    TRANSPORTING("Transporting", "carries, fills bags and prams, moves things from one place to another"),
    CONNECTING("Connecting", "ties, tapes, threads, joins tracks"),
    DISCONNECTING("Disconnecting", "takes apart, unthreads, undoes lids, tears"),
    POSITIONING("Positioning", "lines up, puts side by side, sets in order of size"),
    ORIENTATION("Orientation", "looks through legs, hangs, turns things to see other sides"),
    GOING_THROUGH("Going through", "posts through gaps, crawls in tunnels, pushes pegs through"),
    GOING_ROUND("Going over, under, round", "walks edges, goes round and round, over and under"),
    SCATTERING("Scattering", "throws a handful, spreads, sweeps an arm across the table"),
    TRANSFORMING("Transforming", "mixes, adds colour, melts, crumbles"),
    GRIDS_AND_RAYS("Grids and rays", "draws crossed lines, rays, hatching");

    private final String words;
    private final String signs;

    Schema(String words, String signs) {
        this.words = words;
        this.signs = signs;
    }

    /** Its name. */
    public String words() {
        return words;
    }

    /** What is seen. */
    public String signs() {
        return signs;
    }
}
