package ostium.core.fact;

import java.util.Locale;
import java.util.Optional;

/**
 * What is done to a picture before it is shown: turned, mirrored, made lighter, freed from its ground, cut; in this
 * order. The kept picture stays as it is, so that everything can be taken back.
 *
 * @param turn degrees clockwise: 0, 90, 180 or 270
 * @param mirrored left and right changed over
 * @param crop what is shown of the turned picture
 * @param brightness from −50 (darker) to 50 (lighter), in per cent
 * @param ground what becomes of a flat ground
 * @param focus what every further crop keeps, as a place on the cut picture
 */
public record Treatment(int turn, boolean mirrored, Box crop, int brightness, Ground ground, Focus focus) {
    /** Shown as it is, its middle kept. */
    public static final Treatment NONE = new Treatment(0, false, Box.WHOLE, 0, Ground.KEPT, Focus.MIDDLE);

    private static final int MOST_BRIGHTNESS = 50;

    /** What becomes of a flat ground. */
    public enum Ground {
        KEPT(""),
        /** Taken away where it reaches the edge. */
        AROUND("around"),
        /** Taken away inside letters and shapes too. */
        EVERYWHERE("everywhere");

        private final String word;

        Ground(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    /**
     * A part of a picture, in per cent of its width and height.
     *
     * @param left from 0
     * @param top from 0
     * @param width more than 0; {@code left + width} is at most 100
     * @param height more than 0; {@code top + height} is at most 100
     */
    public record Box(double left, double top, double width, double height) {
        public static final Box WHOLE = new Box(0, 0, 100, 100);
        private static final double LEAST = 1;
        private static final double ROUNDING = 0.02;

        /** Reads {@code 10,20,50,60}; empty words are the whole picture. */
        static Optional<Box> read(String words) {
            if (words.isBlank()) {
                return Optional.of(WHOLE);
            }
            return numbers(words, 4)
                    .map(each -> new Box(each[0], each[1], each[2], each[3]))
                    .filter(Box::isInside);
        }

        private boolean isInside() {
            return left >= 0
                    && top >= 0
                    && width >= LEAST
                    && height >= LEAST
                    && left + width <= 100 + ROUNDING
                    && top + height <= 100 + ROUNDING;
        }

        public String say() {
            return equals(WHOLE) ? "" : number(left) + "," + number(top) + "," + number(width) + "," + number(height);
        }
    }

    /** A place on a picture, in per cent from the left and from the top. */
    public record Focus(double x, double y) {
        public static final Focus MIDDLE = new Focus(50, 50);

        static Optional<Focus> read(String words) {
            if (words.isBlank()) {
                return Optional.of(MIDDLE);
            }
            return numbers(words, 2)
                    .map(each -> new Focus(each[0], each[1]))
                    .filter(focus -> focus.x >= 0 && focus.y >= 0 && focus.x <= 100 && focus.y <= 100);
        }
    }

    /**
     * Reads the lines of a row; empty words mean that nothing is done. Empty if any of them cannot be read.
     *
     * @param turn {@code 90}, {@code 180} or {@code 270}
     * @param mirror {@code yes}
     * @param crop {@code left,top,width,height} in per cent
     * @param brightness a whole number from −50 to 50
     * @param ground {@code around} or {@code everywhere}
     * @param focus {@code x,y} in per cent
     */
    public static Optional<Treatment> read(
            String turn, String mirror, String crop, String brightness, String ground, String focus) {
        Optional<Box> box = Box.read(crop);
        Optional<Focus> place = Focus.read(focus);
        Optional<Ground> gone = java.util.Arrays.stream(Ground.values())
                .filter(each -> each.word.equals(ground.strip()))
                .findFirst();
        boolean read = turn.strip().matches("|90|180|270")
                && mirror.strip().matches("|yes")
                && brightness.strip().matches("|-?\\d{1,2}");
        if (!read || box.isEmpty() || place.isEmpty() || gone.isEmpty() || whole(brightness) > MOST_BRIGHTNESS) {
            return Optional.empty();
        }
        int lighter = whole(brightness);
        return lighter < -MOST_BRIGHTNESS
                ? Optional.empty()
                : Optional.of(new Treatment(
                        whole(turn), mirror.strip().equals("yes"), box.get(), lighter, gone.get(), place.get()));
    }

    /** Everything that changes a pixel, in a fixed form: two treatments that say the same make the same picture. */
    public String pixels() {
        return turn + "/" + mirrored + "/" + crop.say() + "/" + brightness + "/" + ground.word;
    }

    /**
     * The treatment of {@link #pixels()}, with its middle kept.
     *
     * @throws IllegalArgumentException if it is not one
     */
    public static Treatment ofPixels(String pixels) {
        String[] parts = pixels.split("/", -1);
        if (parts.length != 5) {
            throw new IllegalArgumentException("treatment " + pixels);
        }
        String turn = parts[0].equals("0") ? "" : parts[0];
        return read(turn, parts[1].equals("true") ? "yes" : "", parts[2], parts[3], parts[4], "")
                .orElseThrow(() -> new IllegalArgumentException("treatment " + pixels));
    }

    /** Width after turning and cutting, at least 1. */
    public int width(StoredFile file) {
        int across = turn % 180 == 0 ? file.width() : file.height();
        return Math.max(1, (int) Math.round(across * crop.width / 100));
    }

    /** Height after turning and cutting, at least 1. */
    public int height(StoredFile file) {
        int down = turn % 180 == 0 ? file.height() : file.width();
        return Math.max(1, (int) Math.round(down * crop.height / 100));
    }

    private static int whole(String words) {
        return words.isBlank() ? 0 : Integer.parseInt(words.strip());
    }

    private static Optional<double[]> numbers(String words, int count) {
        String[] parts = words.strip().split(",");
        if (parts.length != count) {
            return Optional.empty();
        }
        double[] numbers = new double[count];
        for (int i = 0; i < count; i++) {
            if (!parts[i].strip().matches("\\d{1,3}(\\.\\d{1,4})?")) {
                return Optional.empty();
            }
            numbers[i] = Double.parseDouble(parts[i].strip());
        }
        return Optional.of(numbers);
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.2f", value).replaceFirst("\\.?0+$", "");
    }
}
