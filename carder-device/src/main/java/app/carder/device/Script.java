package app.carder.device;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.teavm.jso.JSBody;
import org.teavm.jso.JSObject;
import org.teavm.jso.core.JSArray;

/** Values for scripts: plain objects and arrays. Lengths of time are in milliseconds. */
final class Script {

    private final JSObject object = object();

    Script put(String name, String value) {
        put(object, name, value);
        return this;
    }

    Script put(String name, double value) {
        put(object, name, value);
        return this;
    }

    Script put(String name, boolean value) {
        put(object, name, value);
        return this;
    }

    Script put(String name, JSObject value) {
        put(object, name, value);
        return this;
    }

    /** Left out where there is none. */
    Script put(String name, Optional<? extends Number> value) {
        value.ifPresent(number -> put(object, name, number.doubleValue()));
        return this;
    }

    JSObject value() {
        return object;
    }

    static <T> JSObject array(List<T> list, Function<T, JSObject> item) {
        JSArray<JSObject> array = new JSArray<>();
        list.forEach(one -> array.push(item.apply(one)));
        return array;
    }

    /** Adds four numbers to an array. */
    @JSBody(
            params = {"array", "one", "two", "three", "four"},
            script = "array.push(one, two, three, four);")
    static native void push(JSObject array, double one, double two, double three, double four);

    /** Counts by name of the code. */
    static <E extends Enum<E>> JSObject counts(Map<E, Integer> counts) {
        Script object = new Script();
        counts.forEach((code, times) -> object.put(code.name(), times));
        return object.value();
    }

    @JSBody(script = "return {};")
    private static native JSObject object();

    @JSBody(
            params = {"object", "name", "value"},
            script = "object[name] = value;")
    private static native void put(JSObject object, String name, String value);

    @JSBody(
            params = {"object", "name", "value"},
            script = "object[name] = value;")
    private static native void put(JSObject object, String name, double value);

    @JSBody(
            params = {"object", "name", "value"},
            script = "object[name] = value;")
    private static native void put(JSObject object, String name, boolean value);

    @JSBody(
            params = {"object", "name", "value"},
            script = "object[name] = value;")
    private static native void put(JSObject object, String name, JSObject value);
}
