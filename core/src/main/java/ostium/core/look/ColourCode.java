package ostium.core.look;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import ostium.core.base.DataFile;

/**
 * Reads a colour as people have it at hand: {@code #7a1f2b}, {@code 7a1f2b}, {@code #fc0}, {@code rgb(122, 31, 43)},
 * {@code rgb(48% 12% 17%)}, {@code hsl(352 60% 30%)}, {@code oklch(0.4 0.12 20)}, {@code 122, 31, 43}, {@code navy},
 * {@code dark red}.
 *
 * @see <a href="https://www.w3.org/TR/css-color-4/">CSS Color 4</a>
 */
public final class ColourCode {
    private record Names(Map<String, Colour> names) {}

    private static final Map<String, Colour> NAMES =
            DataFile.read("/ostium/colour-names.yaml", Names.class).names();
    private static final Pattern HEX = Pattern.compile("#?([0-9a-f]{3,4}|[0-9a-f]{6}|[0-9a-f]{8})");
    private static final Pattern FUNCTION = Pattern.compile("(rgba?|hsla?|oklch)?\\s*\\(?\\s*([^()]+?)\\s*\\)?");
    private static final Pattern NUMBER = Pattern.compile("([+-]?(?:\\d+\\.?\\d*|\\.\\d+))(%|deg|turn|rad|grad)?");

    private ColourCode() {}

    /** The colour, or empty where the words are none. What is said of see-through is left out. */
    public static Optional<Colour> read(String words) {
        String code = words.strip().toLowerCase(Locale.ROOT).replaceAll("^colou?r:\\s*|;$", "");
        Colour named = NAMES.get(code.replaceAll("[\\s-]+", ""));
        if (named != null) {
            return Optional.of(named);
        }
        Matcher hex = HEX.matcher(code);
        if (hex.matches()) {
            return Optional.of(hex(hex.group(1)));
        }
        Matcher function = FUNCTION.matcher(code);
        return function.matches() ? numbers(function.group(1), function.group(2)) : Optional.empty();
    }

    private static Colour hex(String digits) {
        StringBuilder six = new StringBuilder("#");
        if (digits.length() <= 4) {
            digits.chars().limit(3).forEach(digit -> six.append((char) digit).append((char) digit));
        } else {
            six.append(digits, 0, 6);
        }
        return new Colour(six.toString());
    }

    private record Number(double value, String unit) {
        double of(double whole) {
            return unit.equals("%") ? value / 100 * whole : value;
        }

        double degrees() {
            return switch (unit) {
                case "turn" -> value * 360;
                case "rad" -> Math.toDegrees(value);
                case "grad" -> value * 0.9;
                default -> value;
            };
        }
    }

    private static Optional<Colour> numbers(String function, String inside) {
        List<Number> all = Stream.of(inside.split("/", -1)[0].strip().split("\\s*,\\s*|\\s+"))
                .map(ColourCode::number)
                .flatMap(Optional::stream)
                .toList();
        if (all.size() < 3 || inside.split("/", -1)[0].strip().split("\\s*,\\s*|\\s+").length > 4) {
            return Optional.empty();
        }
        Number first = all.get(0);
        Number second = all.get(1);
        Number third = all.get(2);
        String name = function == null ? "rgb" : function;
        if (name.startsWith("rgb")) {
            return rgb(first.of(255), second.of(255), third.of(255));
        }
        if (name.equals("oklch")) {
            double lightness = first.of(1);
            return lightness < 0 || lightness > 1
                    ? Optional.empty()
                    : Optional.of(new Oklch(lightness, second.of(0.4), third.degrees()).colour());
        }
        return hsl(first.degrees(), second.value(), third.value());
    }

    private static Optional<Number> number(String words) {
        Matcher number = NUMBER.matcher(words);
        return number.matches()
                ? Optional.of(
                        new Number(Double.parseDouble(number.group(1)), number.group(2) == null ? "" : number.group(2)))
                : Optional.empty();
    }

    private static Optional<Colour> rgb(double red, double green, double blue) {
        for (double channel : new double[] {red, green, blue}) {
            if (channel < 0 || channel > 255) {
                return Optional.empty();
            }
        }
        return Optional.of(new Colour(
                String.format(Locale.ROOT, "#%02x%02x%02x", Math.round(red), Math.round(green), Math.round(blue))));
    }

    private static Optional<Colour> hsl(double hue, double saturation, double lightness) {
        if (saturation < 0 || saturation > 100 || lightness < 0 || lightness > 100) {
            return Optional.empty();
        }
        double light = lightness / 100;
        double spread = saturation / 100 * Math.min(light, 1 - light);
        double[] rgb = new double[3];
        int[] starts = {0, 8, 4};
        for (int i = 0; i < 3; i++) {
            double at = ((starts[i] + hue / 30) % 12 + 12) % 12;
            rgb[i] = (light - spread * Math.max(-1, Math.min(Math.min(at - 3, 9 - at), 1))) * 255;
        }
        return rgb(rgb[0], rgb[1], rgb[2]);
    }
}
