package app.carder.core.safety;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;

/** Remembers answers that cannot change, as many as a setting asks in a day: the gauges and the tables of names take milliseconds. */
final class Memo<K, V> {

    private static final int MOST = 5000;

    private final Map<K, V> known = new ConcurrentHashMap<>();
    private final Function<K, V> ask;

    Memo(Function<K, V> ask) {
        this.ask = ask;
    }

    V of(K question) {
        V remembered = known.get(question);
        if (remembered != null) {
            return remembered;
        }
        if (known.size() > MOST) {
            known.clear();
        }
        return known.computeIfAbsent(question, ask);
    }
}
