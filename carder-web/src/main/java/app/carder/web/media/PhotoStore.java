package app.carder.web.media;

/** Where pictures lie. A folder by default. */
interface PhotoStore {

    /** Keeps a picture under a name that is not taken. */
    void put(String name, byte[] picture);

    /** Takes a picture away for good; one that is not there is gone already. */
    void remove(String name);

    /** The picture of a name. */
    byte[] get(String name);
}
