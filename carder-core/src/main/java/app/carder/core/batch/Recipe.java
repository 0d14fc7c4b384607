package app.carder.core.batch;

import app.carder.core.measure.Mass;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/**
 * What is mixed from what, by mass.
 *
 * @param code its own
 * @param name for people
 * @param heat whether an adult needs heat for it
 * @param cooked whether its flour is cooked through before children touch it
 * @param keepsDays days that it can be used
 * @param note what to do, and what to mind
 * @param ingredients in the order in which they go in
 */
public record Recipe(
        String code, String name, Heat heat, Cooked cooked, int keepsDays, String note, List<Ingredient> ingredients) {

    /** Whether it is cooked. */
    public enum Heat {
        /** An adult cooks it, or pours hot water. */
        NEEDED,
        /** Mixed cold. */
        NONE
    }

    /** Whether flour in it is still raw. */
    public enum Cooked {
        /** Cooked through. */
        THROUGH,
        /** Still raw, also where just-boiled water is poured on it. */
        NOT
    }

    /** Keeps its own copy. */
    public Recipe {
        ingredients = List.copyOf(ingredients);
    }

    /**
     * One ingredient.
     *
     * @param material its code in the cupboard
     * @param mass in one measure of the recipe
     */
    public record Ingredient(String material, Mass mass) {}

    /** What one measure of it weighs: the sum of the ingredients; what the pan drives off is small and not taken away. */
    public Mass gives() {
        return ingredients.stream().map(Ingredient::mass).reduce(Mass.ZERO, Mass::plus);
    }

    /** The share of one ingredient, 0 to 1; 0 where it is not in it. */
    public double shareOf(String material) {
        return ingredients.stream()
                .filter(ingredient -> ingredient.material().equals(material))
                .mapToDouble(ingredient -> ingredient.mass().dividedBy(gives()))
                .sum();
    }

    /** The recipes that ship with the application, by code. */
    public static Map<String, Recipe> shipped() {
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .setCommentMarker('#')
                .get();
        Map<String, Recipe> recipes = new LinkedHashMap<>();
        try (Reader reader = new InputStreamReader(
                        Objects.requireNonNull(Recipe.class.getResourceAsStream("recipes.csv")),
                        StandardCharsets.UTF_8);
                CSVParser rows = format.parse(reader)) {
            for (CSVRecord row : rows) {
                Ingredient ingredient =
                        new Ingredient(row.get("ingredient"), Mass.ofGrams(new BigDecimal(row.get("grams"))));
                Recipe soFar = recipes.get(row.get("recipe"));
                recipes.put(row.get("recipe"), soFar == null ? first(row, ingredient) : soFar.with(ingredient));
            }
        } catch (IOException broken) {
            throw new UncheckedIOException("Impossible state: the recipes cannot be read.", broken);
        }
        return recipes;
    }

    private static Recipe first(CSVRecord row, Ingredient ingredient) {
        return new Recipe(
                row.get("recipe"),
                row.get("name"),
                row.get("needs_heat").equals("yes") ? Heat.NEEDED : Heat.NONE,
                row.get("cooked").equals("yes") ? Cooked.THROUGH : Cooked.NOT,
                Integer.parseInt(row.get("keeps_days")),
                row.get("note"),
                List.of(ingredient));
    }

    private Recipe with(Ingredient ingredient) {
        List<Ingredient> more = new ArrayList<>(ingredients);
        more.add(ingredient);
        return new Recipe(code, name, heat, cooked, keepsDays, note, more);
    }
}
