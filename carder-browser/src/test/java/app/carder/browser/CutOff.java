package app.carder.browser;

import com.microsoft.playwright.Page;
import java.util.List;

/** What cannot be read on a page because there is no room for it. */
final class CutOff {

    private static final String FAULTS = """
            () => {
              const cuts = (overflow, inner, outer) => ['hidden', 'clip'].includes(overflow) && inner > outer + 1;
              const faults = [...document.querySelectorAll('body *')]
                .filter(element => element.textContent.trim() && element.checkVisibility({checkVisibilityCSS: true}) && !element.closest('.sr, svg'))
                .filter(element => {
                  const style = getComputedStyle(element);
                  return cuts(style.overflowX, element.scrollWidth, element.clientWidth) && style.textOverflow !== 'ellipsis'
                    || cuts(style.overflowY, element.scrollHeight, element.clientHeight);
                })
                .map(element => 'cut off: ' + element.outerHTML.slice(0, 120));
              if (document.documentElement.scrollWidth > innerWidth) faults.push('wider than the screen');
              return faults;
            }""";

    private CutOff() {}

    /** The beginnings of what is cut off; empty where everything can be read. */
    static List<String> on(Page page) {
        return ((List<?>) page.evaluate(FAULTS)).stream().map(String::valueOf).toList();
    }
}
