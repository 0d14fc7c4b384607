package app.carder.web.room;

import java.util.Arrays;
import java.util.List;

/** Reads the names of zones as people type them. */
public final class ZoneNames {

    private static final int MOST = 20;

    private ZoneNames() {}

    /** Names with commas between, each once; a room without any gets a tray table. */
    public static List<String> parse(String typed) {
        List<String> named = Arrays.stream(typed.split(","))
                .map(String::strip)
                .filter(name -> !name.isEmpty() && name.length() <= 80)
                .distinct()
                .limit(MOST)
                .toList();
        return named.isEmpty() ? List.of("Tray table") : named;
    }
}
