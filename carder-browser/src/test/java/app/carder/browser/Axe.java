package app.carder.browser;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.ReducedMotion;
import java.util.List;

/** Looks at a page as it stands. */
final class Axe {

    /** What can be used but lies beyond the edge of the screen or is squeezed to nothing, unless its part of the page scrolls. */
    private static final String OUT_OF_REACH = """
            () => {
              const scrolls = element => {
                for (let up = element.parentElement; up && up !== document.body; up = up.parentElement) {
                  if (['auto', 'scroll'].includes(getComputedStyle(up).overflowX)) return true;
                }
                return false;
              };
              const faults = [...document.querySelectorAll('main input, main select, main textarea, main button, main a')]
                .filter(element => element.type !== 'hidden' && element.checkVisibility({checkVisibilityCSS: true}))
                .filter(element => !element.matches('.sr, .sr *') && !scrolls(element))
                .filter(element => {
                  const box = element.getBoundingClientRect();
                  return box.width < 8 || box.left < -1 || box.right > innerWidth + 1;
                })
                .map(element => 'out of reach: ' + element.outerHTML.slice(0, 120));
              if (document.documentElement.scrollWidth > innerWidth) {
                faults.push('the page is wider than the screen');
              }
              return faults;
            }""";

    private static final String VIOLATIONS = """
            async () => (await axe.run(document, {reporter: 'no-passes', resultTypes: ['violations'], selectors: false})).violations
              .map(rule => rule.id + ' ' + rule.nodes[0].html)""";

    private Axe() {}

    /** The same in the dark. */
    static void checkInTheDark(Page page, List<String> violations) {
        // Without motion: a colour that still changes from light to dark is neither.
        page.emulateMedia(
                new Page.EmulateMediaOptions().setColorScheme(ColorScheme.DARK).setReducedMotion(ReducedMotion.REDUCE));
        check(page, violations);
        page.emulateMedia(new Page.EmulateMediaOptions()
                .setColorScheme(ColorScheme.LIGHT)
                .setReducedMotion(ReducedMotion.NO_PREFERENCE));
    }

    /** Adds what axe finds on a page as it stands, and what lies out of reach. */
    static void check(Page page, List<String> violations) {
        ((List<?>) page.evaluate(OUT_OF_REACH)).forEach(fault -> violations.add(page.url() + ": " + fault));
        // No page has frames, so that one run in the page itself sees all of it. Only what is wrong is told in full:
        // what is
        // right would be a megabyte for each page.
        if (!(boolean) page.evaluate("() => 'axe' in window")) {
            page.evaluate(AxeBuilder.getAxeScript());
        }
        ((List<?>) page.evaluate(VIOLATIONS)).forEach(rule -> violations.add(page.url() + ": " + rule));
    }
}
