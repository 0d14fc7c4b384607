package app.carder.web.demo;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/**
 * Made-up cards of the theme "Parcels and post", read from {@code cards.txt}: a card begins with {@code card <room>: <title>}, then
 * a line for each thing it says. {@code vessel} is a code of the cupboard, or a shape with centimetres; {@code put} has codes with
 * centimetres or numbers; {@code load} how much of an adult it takes; {@code use} vessels, spill, children, sessions, sessions a year; {@code week} weeks from now; a step is
 * {@code note | sign | per cent | out > in}; a step {@code name | minutes | hours | who | turns | after}; a tool its code and inputs.
 */
final class DemoCards {

    /** One card, as its lines say. */
    record DemoCard(String room, String title, Map<String, List<String>> lines) {

        String one(String name) {
            List<String> all = lines.getOrDefault(name, List.of());
            return all.isEmpty() ? "" : all.get(0);
        }

        List<String> all(String name) {
            return lines.getOrDefault(name, List.of());
        }
    }

    record DemoPack(double grams, String price, double stock) {}

    static final Map<String, DemoPack> PACKS = Map.ofEntries(
            Map.entry("rice-long", new DemoPack(1000, "1.95", 5500)),
            Map.entry("oats", new DemoPack(1000, "1.40", 800)),
            Map.entry("lentils", new DemoPack(500, "1.30", 2000)),
            Map.entry("kidney-beans", new DemoPack(500, "1.25", 0)),
            Map.entry("sand-dry", new DemoPack(15000, "4.80", 30_000)),
            Map.entry("shredded-paper", new DemoPack(500, "3.50", 1500)),
            Map.entry("flour", new DemoPack(1500, "0.95", 4500)),
            Map.entry("salt", new DemoPack(750, "0.65", 2250)),
            Map.entry("oil", new DemoPack(920, "2.10", 920)),
            Map.entry("cream-of-tartar", new DemoPack(200, "3.20", 150)),
            Map.entry("cornflour", new DemoPack(500, "1.10", 1000)),
            Map.entry("pasta-spirals", new DemoPack(500, "0.75", 1500)),
            Map.entry("maize", new DemoPack(1000, "2.40", 3000)));

    static final Map<String, Integer> PIECES_IN_STOCK = Map.of(
            "wooden-scoops", 10,
            "small-parcels", 16,
            "large-parcels", 6,
            "letters-felt", 26,
            "envelopes", 40,
            "wooden-stamps", 6,
            "parcel-string", 8,
            "cardboard-tubes", 9,
            "wooden-balls-50", 8);

    private DemoCards() {}

    static List<DemoCard> of(String room) {
        return all().stream().filter(card -> card.room().equals(room)).toList();
    }

    private static List<DemoCard> all() {
        List<DemoCard> cards = new ArrayList<>();
        try (BufferedReader lines = new BufferedReader(new InputStreamReader(
                Objects.requireNonNull(DemoCards.class.getResourceAsStream("cards.txt")), StandardCharsets.UTF_8))) {
            for (String line = lines.readLine(); line != null; line = lines.readLine()) {
                int colon = line.indexOf(':');
                if (line.startsWith("#") || colon < 0) {
                    continue;
                }
                String name = line.substring(0, colon);
                String rest = line.substring(colon + 1).strip();
                if (name.startsWith("card ")) {
                    cards.add(new DemoCard(name.substring(5), rest, new LinkedHashMap<>()));
                } else {
                    cards.get(cards.size() - 1)
                            .lines()
                            .computeIfAbsent(name, key -> new ArrayList<>())
                            .add(rest);
                }
            }
        } catch (IOException broken) {
            throw new UncheckedIOException("Impossible state: the demo cards cannot be read.", broken);
        }
        return cards;
    }
}
