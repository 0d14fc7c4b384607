package app.carder.core.look;

import java.util.ArrayList;
import java.util.List;

/**
 * A path of absolute moves, lines and curves, in the syntax that SVG, PDF writers and plotters share: M L Q C Z.
 *
 * @param steps letters and coordinates, in order
 */
public record Path(List<Step> steps) {

    /** Control points of a quarter circle of radius 1: 4 (sqrt 2 - 1) / 3. */
    private static final double QUARTER = 0.5522847498;

    /**
     * One step of a path.
     *
     * @param letter M, L, Q, C or Z
     * @param numbers x and y in turn
     */
    public record Step(char letter, List<Double> numbers) {
        /** Keeps its own copy. */
        public Step {
            numbers = List.copyOf(numbers);
        }
    }

    /** Keeps its own copy. */
    public Path {
        steps = List.copyOf(steps);
    }

    /** Reads one: a path, or a ready figure E, R, S, P or T with its numbers. */
    static Path parse(String written) {
        String[] words = written.strip().split("\\s+");
        char first = words[0].charAt(0);
        if ("ERSPT".indexOf(first) >= 0) {
            double[] n = new double[words.length - 1];
            for (int at = 0; at < n.length; at++) {
                n[at] = Double.parseDouble(words[at + 1]);
            }
            return switch (first) {
                case 'E' -> ellipse(n[0], n[1], n[2], n[3]);
                case 'R' -> rounded(n[0], n[1], n[2], n[3], n[4]);
                case 'S' -> scalloped(n[0], n[1], n[2], (int) n[3]);
                case 'P' -> regular(n[0], n[1], n[2], (int) n[3]);
                default -> perforated(n[0], n[1], n[2], n[3], (int) n[4]);
            };
        }
        Building path = new Building();
        int at = 0;
        while (at < words.length) {
            char letter = words[at++].charAt(0);
            int count = switch (letter) {
                case 'M', 'L' -> 2;
                case 'Q' -> 4;
                case 'C' -> 6;
                case 'Z' -> 0;
                default -> throw new IllegalArgumentException("Path must be of M, L, Q, C, Z, got " + letter + ".");
            };
            double[] numbers = new double[count];
            for (int number = 0; number < count; number++) {
                numbers[number] = Double.parseDouble(words[at++]);
            }
            path.step(letter, numbers);
        }
        return path.done();
    }

    /** An ellipse by its middle and half its measures. */
    public static Path ellipse(double x, double y, double rx, double ry) {
        double cx = rx * QUARTER;
        double cy = ry * QUARTER;
        return new Building()
                .step('M', x + rx, y)
                .step('C', x + rx, y + cy, x + cx, y + ry, x, y + ry)
                .step('C', x - cx, y + ry, x - rx, y + cy, x - rx, y)
                .step('C', x - rx, y - cy, x - cx, y - ry, x, y - ry)
                .step('C', x + cx, y - ry, x + rx, y - cy, x + rx, y)
                .step('Z')
                .done();
    }

    /** A rectangle by its upper left corner, with rounded corners. */
    public static Path rounded(double x, double y, double width, double height, double corner) {
        double r = Math.min(corner, Math.min(width, height) / 2);
        double right = x + width;
        double foot = y + height;
        if (r <= 0) {
            return polygon(List.of(x, y, right, y, right, foot, x, foot));
        }
        return new Building()
                .step('M', x + r, y)
                .step('L', right - r, y)
                .step('Q', right, y, right, y + r)
                .step('L', right, foot - r)
                .step('Q', right, foot, right - r, foot)
                .step('L', x + r, foot)
                .step('Q', x, foot, x, foot - r)
                .step('L', x, y + r)
                .step('Q', x, y, x + r, y)
                .step('Z')
                .done();
    }

    /** A closed polygon, x and y in turn. */
    public static Path polygon(List<Double> corners) {
        Building path = new Building();
        for (int at = 0; at + 1 < corners.size(); at += 2) {
            path.step(at == 0 ? 'M' : 'L', corners.get(at), corners.get(at + 1));
        }
        return path.step('Z').done();
    }

    private static Path scalloped(double x, double y, double radius, int bumps) {
        Building path = new Building();
        double inner = radius * 0.9;
        for (int at = 0; at <= bumps; at++) {
            double angle = 2 * Math.PI * at / bumps;
            double between = angle - Math.PI / bumps;
            double px = x + inner * Math.cos(angle);
            double py = y + inner * Math.sin(angle);
            if (at == 0) {
                path.step('M', px, py);
            } else {
                double out = radius * 1.06;
                path.step('Q', x + out * Math.cos(between), y + out * Math.sin(between), px, py);
            }
        }
        return path.step('Z').done();
    }

    private static Path regular(double x, double y, double radius, int corners) {
        List<Double> points = new ArrayList<>();
        for (int at = 0; at < corners; at++) {
            double angle = Math.PI * (2 * at + 1) / corners;
            points.add(x + radius * Math.cos(angle));
            points.add(y + radius * Math.sin(angle));
        }
        return polygon(points);
    }

    /** A sheet with bites along its edges. */
    private static Path perforated(double x, double y, double width, double height, int teeth) {
        Building path = new Building().step('M', x, y);
        side(path, x, y, x + width, y, teeth);
        side(path, x + width, y, x + width, y + height, teeth);
        side(path, x + width, y + height, x, y + height, teeth);
        side(path, x, y + height, x, y, teeth);
        return path.step('Z').done();
    }

    private static void side(Building path, double fromX, double fromY, double toX, double toY, int teeth) {
        double dx = (toX - fromX) / (2 * teeth + 1);
        double dy = (toY - fromY) / (2 * teeth + 1);
        for (int tooth = 0; tooth < teeth; tooth++) {
            double startX = fromX + dx * (2 * tooth + 1);
            double startY = fromY + dy * (2 * tooth + 1);
            path.step('L', startX, startY);
            // Inwards is to the right of the way round.
            path.step('Q', startX + dx / 2 - dy * 1.4, startY + dy / 2 + dx * 1.4, startX + dx, startY + dy);
        }
        path.step('L', toX, toY);
    }

    /** The same stretched, then turned by an angle in degrees, then moved. */
    public Path placed(double scaleX, double scaleY, double degrees, double x, double y) {
        double cos = Math.cos(Math.toRadians(degrees));
        double sin = Math.sin(Math.toRadians(degrees));
        List<Step> moved = new ArrayList<>(steps.size());
        for (Step step : steps) {
            List<Double> numbers = new ArrayList<>(step.numbers().size());
            for (int at = 0; at + 1 < step.numbers().size(); at += 2) {
                double px = step.numbers().get(at) * scaleX;
                double py = step.numbers().get(at + 1) * scaleY;
                numbers.add(px * cos - py * sin + x);
                numbers.add(px * sin + py * cos + y);
            }
            moved.add(new Step(step.letter(), numbers));
        }
        return new Path(moved);
    }

    /** Whether all points that it is made from lie in a circle. */
    public boolean isWithin(double x, double y, double radius) {
        return steps.stream().allMatch(step -> {
            for (int at = 0; at + 1 < step.numbers().size(); at += 2) {
                if (Math.hypot(step.numbers().get(at) - x, step.numbers().get(at + 1) - y) > radius) {
                    return false;
                }
            }
            return true;
        });
    }

    /** As the {@code d} of an SVG path, to a tenth of a unit. */
    public String data() {
        StringBuilder data = new StringBuilder();
        for (Step step : steps) {
            data.append(step.letter());
            for (int at = 0; at < step.numbers().size(); at++) {
                data.append(at == 0 ? "" : " ").append(number(step.numbers().get(at)));
            }
        }
        return data.toString();
    }

    /** To a tenth, without what says nothing. */
    public static String number(double value) {
        // Pictures have tens of thousands of numbers: a format for each would take longer than all the rest of a
        // picture.
        long tenths = (long) Math.rint(value * 10);
        if (tenths % 10 == 0) {
            return Long.toString(tenths / 10);
        }
        return (tenths < 0 ? "-" : "") + Math.abs(tenths / 10) + "." + Math.abs(tenths % 10);
    }

    /** Collects steps. */
    private static final class Building {
        private final List<Step> steps = new ArrayList<>();

        Building step(char letter, double... numbers) {
            List<Double> all = new ArrayList<>(numbers.length);
            for (double number : numbers) {
                all.add(number);
            }
            steps.add(new Step(letter, all));
            return this;
        }

        Path done() {
            return new Path(steps);
        }
    }
}
