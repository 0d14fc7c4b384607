package app.carder.browser;

import com.deque.html.axecore.args.AxeRunOptions;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Page;
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

    private Axe() {}

    /** Adds what axe finds on a page as it stands, and what lies out of reach. */
    static void check(Page page, List<String> violations) {
        ((List<?>) page.evaluate(OUT_OF_REACH)).forEach(fault -> violations.add(page.url() + ": " + fault));
        // No page has frames, so that one run in the page itself sees all of it; the other way opens a second page each
        // time.
        AxeRunOptions options = new AxeRunOptions();
        options.setResultTypes(List.of("violations"));
        new AxeBuilder(page)
                .setLegacyMode(true)
                .options(options)
                .analyze()
                .getViolations()
                .forEach(rule -> violations.add(page.url() + ": " + rule.getId() + " "
                        + rule.getNodes().get(0).getHtml()));
    }
}
