package app.carder.browser;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.browser.RunningCarder.Device;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.LoadState;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/**
 * Times, in Chromium, from a change in a form to the answer on the screen, and compares with the run that is kept; run by {@code
 * ./carder bench}. It measures and asserts no time.
 */
@EnabledIfSystemProperty(named = "carder.bench", matches = ".+")
class BrowserBenchmark {

    private static final String HEADING = "## In the browser";
    private static final int WARM_UP = 150;
    private static final int RUNS = 60;

    /** From the event to the first frame after the answer was swapped in, in milliseconds. */
    private static final String CHANGES = """
            async ({field, values, inside, runs, event}) => {
              const times = [];
              for (let run = 0; run < runs; run++) {
                const input = document.querySelector(field);
                input.value = values[run % values.length];
                const swapped = new Promise((resolve, reject) => {
                  setTimeout(() => reject(new Error(`no answer to ${field} = ${input.value}, run ${run}`)), 10_000);
                  const watcher = new MutationObserver(() => {
                    watcher.disconnect();
                    requestAnimationFrame(() => resolve(performance.now()));
                  });
                  watcher.observe(document.querySelector(inside), {childList: true, subtree: true});
                });
                const start = performance.now();
                input.dispatchEvent(new Event(event, {bubbles: true}));
                times.push(await swapped - start);
              }
              return times;
            }""";

    /** Taps that record something, and in between, on the same page, taps on a key that only changes how it looks itself. */
    private static final String TAPS = """
            async ({runs}) => {
              const keys = [...document.querySelectorAll("[data-tap]")];
              const bands = [...document.querySelectorAll(".hand-band")];
              const empty = document.createElement("button");
              empty.style.cssText = "position: fixed; top: 0; left: 0; width: 3rem; height: 3rem";
              empty.addEventListener("click", () => { empty.style.opacity = empty.style.opacity === "0.5" ? "1" : "0.5"; });
              document.body.append(empty);
              // A message that is posted in the frame is handled after it was painted.
              const painted = () => new Promise(done => requestAnimationFrame(() => {
                const channel = new MessageChannel();
                channel.port1.onmessage = done;
                channel.port2.postMessage(0);
              }));
              const timed = async key => {
                await new Promise(next => setTimeout(next, 30));
                const start = performance.now();
                key.click();
                await painted();
                return performance.now() - start;
              };
              const times = {taps: [], empty: []};
              for (let run = 0; run < runs; run++) {
                bands[run % bands.length].click();
                times.taps.push(await timed(keys[run % keys.length]));
                times.empty.push(await timed(empty));
              }
              empty.remove();
              return times;
            }""";

    private static final String TAP =
            "a tap, one soon after the other, on a play record of 3 children, processor slowed four times";

    private static final String UNLOCK = """
            async () => {
              const start = performance.now();
              document.querySelector("[data-unlock] button").click();
              while (!document.querySelector("[data-lock]")?.checkVisibility()) {
                await new Promise(next => requestAnimationFrame(next));
              }
              return performance.now() - start;
            }""";

    @Test
    @Timeout(value = 40, unit = TimeUnit.MINUTES)
    void printsTheTableAndComparesWithTheOneThatIsKept() throws IOException {
        Path kept = Path.of(System.getProperty("carder.bench"));
        Map<String, String> before = read(kept);
        Map<String, String> now = new LinkedHashMap<>();
        try (Device laptop = RunningCarder.get().device(RunningCarder.DESKTOP)) {
            laptop.signIn("tobias");
            Page page = laptop.page;
            page.navigate("/plan");
            page.locator(".tiles a", new Page.LocatorOptions().setHasText("Rice by the kilo"))
                    .click();
            now.put("the whole margin of a card, 12 children", time(page, "#amount-0", List.of("3", "4"), "main"));
            page.navigate("/calculators/dice");
            now.put("a dice game", time(page, "#squares", List.of("10", "20"), "main"));
            page.navigate("/calculators/pouring");
            now.put(
                    "the pouring ladder over 28 vessels",
                    time(page, "#fill", List.of("Water", "Lentils, dried"), "main"));
            page.navigate("/calculators/dough");
            now.put("dough for 11 or 12 children", time(page, "#children", List.of("11", "12"), "main"));
        }
        try (Device phone = RunningCarder.get().device(RunningCarder.PHONE)) {
            phone.signIn("hamish");
            Map<?, ?> taps = taps(phone.page);
            now.put(TAP, figures((List<?>) taps.get("taps")));
            now.put("an empty tap between those", figures((List<?>) taps.get("empty")));
        }
        try (Device phone = RunningCarder.get().device(RunningCarder.PHONE)) {
            phone.signIn("hamish");
            now.put("Watch opened with a PIN, without a network", unlocks(phone.page));
        }

        now.forEach((name, figures) ->
                System.out.printf("%-62s %s   before: %s%n", name, figures, before.getOrDefault(name, "none")));
        assertThat(now).hasSize(7);
        if (Boolean.getBoolean("carder.bench.keep")) {
            write(kept, now);
        }
    }

    /** From the tap to the end of the frame that shows it, on a record that grows to a hundred taps. */
    private static Map<?, ?> taps(Page page) {
        page.navigate("/watch/");
        Unlocking.of(page);
        for (String child : List.of("Anouk", "Bram", "Kofi")) {
            page.locator("[data-children] label", new Page.LocatorOptions().setHasText(child))
                    .click();
        }
        page.locator("[data-go=play]").click();
        page.context().newCDPSession(page).send("Emulation.setCPUThrottlingRate", slowedFourTimes());
        Map<String, Object> asked = new HashMap<>(Map.of("runs", 40));
        page.evaluate(TAPS, asked);
        asked.put("runs", RUNS);
        return (Map<?, ?>) page.evaluate(TAPS, asked);
    }

    /** From the PIN to the frame that shows the children. */
    private static String unlocks(Page page) {
        page.navigate("/watch/");
        Unlocking.of(page);
        page.context().setOffline(true);
        List<Object> times = new ArrayList<>();
        for (int run = 0; run < 20; run++) {
            page.locator("[data-lock]").click();
            page.locator("#secret").fill(Unlocking.PIN);
            times.add(page.evaluate(UNLOCK));
        }
        return figures(times);
    }

    private static com.google.gson.JsonObject slowedFourTimes() {
        com.google.gson.JsonObject rate = new com.google.gson.JsonObject();
        rate.addProperty("rate", 4);
        return rate;
    }

    private static String time(Page page, String field, List<String> values, String inside) {
        page.locator(field).waitFor();
        // On a cold application an answer to the page's own first request would pass for the answer to a change.
        page.waitForLoadState(LoadState.NETWORKIDLE);
        Map<String, Object> asked = new HashMap<>(
                Map.of("field", field, "values", values, "inside", inside, "runs", WARM_UP, "event", "change"));
        page.evaluate(CHANGES, asked);
        asked.put("runs", RUNS);
        return figures((List<?>) page.evaluate(CHANGES, asked));
    }

    private static String figures(List<?> times) {
        double[] sorted = times.stream()
                .mapToDouble(one -> ((Number) one).doubleValue())
                .sorted()
                .toArray();
        return String.format(Locale.ROOT, "%.1f | %.1f", sorted[sorted.length / 2], sorted[sorted.length * 95 / 100]);
    }

    private static Map<String, String> read(Path kept) throws IOException {
        Map<String, String> rows = new LinkedHashMap<>();
        String text = Files.exists(kept) ? Files.readString(kept) : "";
        if (text.contains(HEADING)) {
            text.substring(text.indexOf(HEADING))
                    .lines()
                    .filter(line -> line.startsWith("| "))
                    .forEach(line -> {
                        String[] cells = line.split(" \\| ", 2);
                        rows.put(cells[0].substring(2), cells[1].replaceAll(" \\|$", ""));
                    });
        }
        return rows;
    }

    private static void write(Path kept, Map<String, String> rows) throws IOException {
        String text = Files.readString(kept);
        int begins = text.indexOf(HEADING);
        String core = begins < 0 ? text + "\n" : text.substring(0, begins);
        int next = begins < 0 ? -1 : text.indexOf("\n## ", begins);
        StringBuilder table = new StringBuilder(core)
                .append(HEADING)
                .append(
                        "\n\nFrom a change in a form to the first frame with the answer, in headless Chromium on the same machine, ")
                .append(RUNS)
                .append(" runs after ")
                .append(WARM_UP)
                .append(" to warm page and application up.\n\n| what | median ms | 95th of 100 ms |\n|---|---|---|\n");
        rows.forEach((name, figures) ->
                table.append("| ").append(name).append(" | ").append(figures).append(" |\n"));
        // What was measured otherwise stands below and stays.
        if (next >= 0) {
            table.append(text, next, text.length());
        }
        Files.writeString(kept, table);
    }
}
