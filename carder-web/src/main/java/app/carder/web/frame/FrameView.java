package app.carder.web.frame;

import app.carder.web.account.Viewer;
import app.carder.web.page.KeptByValue;
import app.carder.web.room.RoomView;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What stands around a page.
 *
 * @param viewer who looks
 * @param room the page's own room, else that of the viewer; absent where the setting has none
 * @param day the day strip; absent on a day without sessions
 * @param path of the page
 * @param folded the pages whose purpose is told no more
 */
public record FrameView(
        Viewer viewer, Optional<RoomView> room, Optional<DayFrame.Frame> day, String path, Folded folded)
        implements KeptByValue {

    private static final List<Tab> TABS = List.of(
            new Tab("plan", "common.plan", "/plan", "p"),
            new Tab("setout", "common.set-out", "/set-out", "s"),
            new Tab("watch", "common.watch", "/watch", "w"),
            new Tab("sense", "page.layout.make-sense", "/children", "m"),
            new Tab("tell", "page.layout.tell", "/journals", "t"));

    /**
     * A divider tab, in working order.
     *
     * @param name as pages name theirs
     * @param code of its words
     * @param address of its first page
     * @param key that leads there
     */
    public record Tab(String name, String code, String address, String key) {}

    /**
     * A link.
     *
     * @param code of its words
     * @param address where it leads
     * @param isHere whether this is its page, or one below it
     */
    public record Link(String code, String address, boolean isHere) {}

    /** Every page that somebody may go to by name. */
    public static Stream<Link> everywhere(Viewer viewer, Optional<RoomView> room) {
        FrameView nowhere = new FrameView(viewer, room, Optional.empty(), "", Folded.NONE);
        return Stream.concat(TABS.stream().map(Tab::name), Stream.of("menu"))
                .flatMap(tab -> nowhere.places(tab).stream());
    }

    /** Of little: a room with all that it holds takes long to count. */
    @Override
    public int hashCode() {
        return Objects.hash(viewer, path);
    }

    /** The tabs. */
    public List<Tab> tabs() {
        return TABS;
    }

    /** The places of a tab, or of the menu, that the viewer may open. */
    public List<Link> places(String tab) {
        List<Place> open = Arrays.stream(Place.values())
                .filter(place -> place.tab().equals(tab) && place.isOpenTo(viewer.role()))
                .filter(place -> room.isPresent() || place.address("").equals(place.address("room")))
                .toList();
        Optional<Place> here = here();
        return open.stream()
                .map(place -> new Link(
                        place.code(), address(place), here.filter(place::equals).isPresent()))
                .toList();
    }

    /** Places that a key leads to from any page. */
    public List<Tab> keyed() {
        return Arrays.stream(Place.values())
                .filter(place -> !place.key().isEmpty() && place.isOpenTo(viewer.role()))
                .filter(place -> room.isPresent() || place.address("").equals(place.address("room")))
                .map(place -> new Tab(place.name(), place.code(), address(place), place.key()))
                .toList();
    }

    /** The name of the page, as long as it is told what the page is for; absent on pages below it. */
    public Optional<String> purpose() {
        return here().filter(place -> place.isTold() && address(place).equals(path) && !folded.has(place))
                .map(Place::name);
    }

    /** The nearest place of any tab: a room's week board is below "/rooms" too, and is not that page. */
    private Optional<Place> here() {
        return Arrays.stream(Place.values())
                .filter(place -> path.equals(address(place)) || path.startsWith(address(place) + "/"))
                .max(Comparator.comparingInt(place -> address(place).length()));
    }

    private String address(Place place) {
        return place.address(room.map(one -> one.id().toString()).orElse(""));
    }
}
