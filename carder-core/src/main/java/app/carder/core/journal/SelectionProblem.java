package app.carder.core.journal;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;

/**
 * The choice of entries in numbers: item t has a length and gives shares to features; the value of a set is the sum, over the features,
 * of {@code weight * curve(shares)}.
 *
 * @param lengths of the items, in quarters of a page
 * @param features of each item
 * @param share what an item gives to each of its features, in the order of these
 * @param weights of the features
 * @param room in quarters of a page
 */
record SelectionProblem(int[] lengths, int[][] features, double[][] share, double[] weights, int room) {

    /** A thing that is shown: one value of one facet. */
    record Feature(Facet facet, String value) {}

    /** The features of some candidates, in the order in which they are met. */
    static Map<Feature, Integer> features(
            List<Candidate> candidates, Function<Candidate, Map<Facet, Set<String>>> shows) {
        Map<Feature, Integer> numbers = new LinkedHashMap<>();
        for (Candidate candidate : candidates) {
            for (Feature feature : sharesOf(shows.apply(candidate)).keySet()) {
                numbers.putIfAbsent(feature, numbers.size());
            }
        }
        return numbers;
    }

    static SelectionProblem of(
            List<Candidate> candidates, Function<Candidate, Map<Facet, Set<String>>> shows, int room) {
        Map<Feature, Integer> numbers = features(candidates, shows);
        int[] lengths = new int[candidates.size()];
        int[][] features = new int[candidates.size()][];
        double[][] share = new double[candidates.size()][];
        for (int item = 0; item < lengths.length; item++) {
            Map<Feature, Double> of = sharesOf(shows.apply(candidates.get(item)));
            lengths[item] = candidates.get(item).quarters();
            features[item] = of.keySet().stream().mapToInt(numbers::get).toArray();
            share[item] = of.values().stream().mapToDouble(one -> one).toArray();
        }
        double[] weights = numbers.keySet().stream()
                .mapToDouble(feature -> feature.facet().weight())
                .toArray();
        return new SelectionProblem(lengths, features, share, weights, room);
    }

    private static Map<Feature, Double> sharesOf(Map<Facet, Set<String>> shows) {
        Map<Feature, Double> shares = new LinkedHashMap<>();
        for (Facet facet : Facet.values()) {
            Set<String> values = shows.getOrDefault(facet, Set.of());
            values.stream().sorted().forEach(value -> shares.put(new Feature(facet, value), 1.0 / values.size()));
        }
        return shares;
    }

    int items() {
        return lengths.length;
    }

    /**
     * The square root at whole numbers, straight lines between them: concave, so that a second entry adds less than the first, and such
     * that shares of one entry that add up to 1 are worth 1 together.
     */
    static double curve(double shares) {
        int whole = (int) (shares + 1e-9);
        return Math.sqrt(whole) + (shares - whole) * slope(whole);
    }

    /** How steep the curve is between a whole number and the next. */
    static double slope(int whole) {
        return Math.sqrt(whole + 1.0) - Math.sqrt(whole);
    }

    double value(double[] shares) {
        double value = 0;
        for (int feature = 0; feature < weights.length; feature++) {
            value += weights[feature] * curve(shares[feature]);
        }
        return value;
    }

    double gain(int item, double[] shares) {
        double gain = 0;
        for (int i = 0; i < features[item].length; i++) {
            int feature = features[item][i];
            gain += weights[feature] * (curve(shares[feature] + share[item][i]) - curve(shares[feature]));
        }
        return gain;
    }

    /** Puts an item in (+1) or takes it out (-1). */
    void add(int item, double[] shares, int sign) {
        for (int i = 0; i < features[item].length; i++) {
            shares[features[item][i]] += sign * share[item][i];
        }
    }
}
