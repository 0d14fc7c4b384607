package app.carder.browser;

import com.microsoft.playwright.Page;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** The pages that people go to by name, and forms that lie behind them. */
final class AllPlaces {

    private AllPlaces() {}

    /** All that stands in the frame, and the forms behind it. */
    static Set<String> of(Page page) {
        Set<String> places = new LinkedHashSet<>(List.of(
                "/",
                "/find?q=rice",
                "/materials/new",
                "/materials/import",
                "/kits/new",
                "/calculators/dough",
                "/journals/new"));
        for (String tab : List.of("/plan", "/set-out", "/children", "/journals")) {
            page.navigate(tab);
            page.locator(".tabs a, .places a, .menu-sheet nav a")
                    .all()
                    .forEach(link -> places.add(link.getAttribute("href")));
        }
        // Watch is a page of its own, without the frame.
        places.remove("/watch");
        places.remove("/watch/");
        return places;
    }
}
