package app.carder.web.kit;

import app.carder.web.kit.WebTest.Answer;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.function.Function;
import java.util.regex.Pattern;
import org.jsoup.nodes.Document;

/** Every page that somebody comes to by links, once for each shape of its address. */
public final class Crawl {

    /** What stands in an address for a row: rows repeat. */
    public static final Pattern ID = Pattern.compile("[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}");

    /** What is no page is printed or written out for nothing: nobody looks at it here. */
    private static final Pattern FILE = Pattern.compile(".*\\.(pdf|csv|json|ics|svg)");

    private static final Pattern BEHIND = Pattern.compile("[?#].*");
    private static final int MOST_PAGES = 400;

    private final Set<String> seen = new LinkedHashSet<>();
    private final Deque<String> next = new ArrayDeque<>(List.of("/"));

    private Crawl() {}

    /** Opens them, and hands each one on with its address. */
    public static void pages(Function<String, Answer> open, BiConsumer<String, Document> page) {
        new Crawl().run(open, page);
    }

    /** An address without what tells its rows apart. */
    public static String shape(String address) {
        return ID.matcher(BEHIND.matcher(address).replaceAll("")).replaceAll("-");
    }

    private void run(Function<String, Answer> open, BiConsumer<String, Document> page) {
        while (!next.isEmpty() && seen.size() < MOST_PAGES) {
            String path = next.removeFirst();
            Answer answer = open.apply(path);
            if (answer.status() == 302) {
                follow(answer.location());
            }
            String type = String.valueOf(answer.response().getContentType());
            if (answer.status() == 200 && type.startsWith("text/html")) {
                Document found = answer.page();
                found.select("a[href^=/]").forEach(link -> follow(link.attr("href")));
                page.accept(path, found);
            }
        }
    }

    private void follow(String href) {
        if (seen.add(shape(href)) && !FILE.matcher(shape(href)).matches()) {
            next.add(href.replaceAll("#.*", ""));
        }
    }
}
