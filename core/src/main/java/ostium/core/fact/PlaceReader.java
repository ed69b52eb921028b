package ostium.core.fact;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import ostium.core.base.Messages;
import ostium.core.base.Reading;
import ostium.core.country.Country;

/** Reads an address as people write it, by the order of its country. */
final class PlaceReader {
    private static final Messages WORDS = Messages.of("fact");

    /** What a region looks like after the town in some countries: {@code Milano MI}, {@code Milano (MI)}. */
    private static final Pattern PROVINCE = Pattern.compile("(.+?)\\s+(?:\\(([A-Z]{2})\\)|([A-Z]{2}))");

    private static final Pattern HOUSE_FIRST = Pattern.compile("[0-9]{1,4}\\p{L}?\\s+\\p{L}{2}.*");
    private static final Pattern HOUSE_LAST = Pattern.compile("\\p{L}.*\\s[0-9]{1,4}\\p{L}?");

    private final String words;
    private Country country;
    private String postcode = "";
    private String district = "";

    /** What stands behind the line with the code and the town, where nothing should. */
    private String boundTo = "";

    PlaceReader(String words, Country country) {
        this.words = words;
        this.country = country;
    }

    Reading<Place> read() {
        String rest = words.strip().replaceAll("\\s*\\R\\s*", ", ");
        if (rest.isEmpty()) {
            return Reading.refused(WORDS.say("placeReader.typeAnAddressOrJust"), words);
        }
        if (rest.length() > Place.LONGEST) {
            return Reading.refused(
                    WORDS.say("placeReader.long", Place.LONGEST),
                    Math.min(Place.LONGEST, words.length()),
                    words.length());
        }
        List<String> lines = new ArrayList<>(List.of(rest.split("\\s*,\\s*")));
        lines.removeIf(String::isBlank);
        takeCountry(lines);
        switch (country.order()) {
            case TOWN_CODE -> takeCodeAtEnd(lines);
            case TOWN_REGION_CODE -> {
                takeCodeAtEnd(lines);
                takeRegion(lines);
            }
            case CODE_TOWN -> takeCodeBeforeTown(lines);
        }
        Optional<Reading<Place>> asked = askAbout(lines, rest);
        if (asked.isPresent()) {
            return asked.get();
        }
        if (lines.isEmpty()) {
            return Reading.understood(place("", ""));
        }
        takeCounty(lines);
        String town = lines.remove(lines.size() - 1).strip();
        if (lines.isEmpty() && town.matches(".*[0-9].*") || isStreet(town)) {
            lines.add(town);
            return new Reading.Understood<>(
                    place(String.join(", ", lines), ""),
                    List.of(new Reading.Remark(WORDS.say("placeReader.whichTownIsThisIn"), null)));
        }
        return Reading.understood(place(withoutDash(String.join(", ", lines)), town));
    }

    /** A code that stands where none should, or is not quite one. */
    private Optional<Reading<Place>> askAbout(List<String> lines, String rest) {
        if (!boundTo.isEmpty()) {
            String street =
                    lines.size() > 1 ? String.join(", ", lines.subList(0, lines.size() - 1)) + ", " + boundTo : boundTo;
            return Optional.of(turned(street + ", " + postcode + " " + last(lines)));
        }
        boolean atEnd = country.order() != Country.Order.CODE_TOWN;
        Pattern whole = Pattern.compile("(?i)" + country.postcode());
        if (atEnd
                && postcode.isEmpty()
                && lines.size() > 1
                && whole.matcher(lines.get(0)).matches()) {
            List<String> round = new ArrayList<>(lines);
            Collections.reverse(round);
            return Optional.of(turned(String.join(", ", round)));
        }
        if (lines.size() > 1
                && isStreet(last(lines))
                && !lines.get(0).replaceFirst("(?i)^" + country.postcode(), "").matches(".*[0-9].*")) {
            List<String> round = new ArrayList<>(lines);
            Collections.reverse(round);
            replaceLast(round, withCodeInOrder(last(round)));
            return Optional.of(turned(String.join(", ", round)));
        }
        return country.code().equals("GB") ? BritishPostcode.doubt(postcode, lines, rest, words) : Optional.empty();
    }

    /** The code behind the town, where the country has it there. */
    private String withCodeInOrder(String town) {
        Matcher code = Pattern.compile("(?i)" + country.postcode()).matcher(town);
        return country.order() != Country.Order.CODE_TOWN && code.lookingAt()
                ? town.substring(code.end()).strip() + " " + code.group()
                : town;
    }

    /** Without a dash that stood before the code. */
    private static String withoutDash(String street) {
        return street.replaceFirst("\\s+[–—-]$", "");
    }

    /** A house number with its street, where the town should be. */
    private boolean isStreet(String line) {
        boolean numberBehind = country.order() == Country.Order.CODE_TOWN && postcode.isEmpty();
        return HOUSE_FIRST.matcher(line).matches()
                || numberBehind && HOUSE_LAST.matcher(line).matches();
    }

    private Reading<Place> turned(String round) {
        return new Reading.Unclear<>(WORDS.say("placeReader.isItTurnedRound"), Reading.Span.all(words), List.of(round));
    }

    /** A county behind the town. */
    private void takeCounty(List<String> lines) {
        boolean behindTown = lines.size() > 2 && !lines.get(lines.size() - 2).matches(".*[0-9].*");
        if (behindTown && district.isEmpty() && country.isCounty(last(lines))) {
            district = last(lines);
            lines.remove(lines.size() - 1);
        }
    }

    private Place place(String street, String town) {
        return new Place(street, town, district, postcode, country.code(), Place.Visibility.WHOLE);
    }

    private void takeCountry(List<String> lines) {
        if (lines.size() > 1) {
            Country.called(last(lines)).ifPresent(found -> {
                country = found;
                lines.remove(lines.size() - 1);
            });
        }
    }

    private static String last(List<String> lines) {
        return lines.get(lines.size() - 1);
    }

    private void takeCodeAtEnd(List<String> lines) {
        if (lines.isEmpty()) {
            return;
        }
        String line = last(lines);
        Matcher code = Pattern.compile("(?i)(?:^|(?<=[\\s.]))" + country.postcode() + "\\s*$")
                .matcher(line);
        boolean houseNumber = lines.size() == 1 && country.code().equals("NZ") && !line.matches(".*\\p{L}.*");
        if (code.find() && !houseNumber) {
            postcode = PostalCode.written(code, country);
            replaceLast(lines, line.substring(0, code.start()));
        }
    }

    private static void replaceLast(List<String> lines, String words) {
        lines.remove(lines.size() - 1);
        if (!words.isBlank()) {
            lines.add(words.strip());
        }
    }

    /** A region by its letters or its name, as the last words or a line of its own. */
    private void takeRegion(List<String> lines) {
        if (lines.isEmpty()) {
            return;
        }
        String line = last(lines);
        for (Map.Entry<String, String> region : country.regions().entrySet()) {
            // Beside a code, small letters are a region too; else "me" is a word.
            Matcher letters = Pattern.compile((postcode.isEmpty() ? "" : "(?i)") + "(?:^|\\s)" + region.getKey() + "$")
                    .matcher(line);
            Matcher name = Pattern.compile("(?i)(?:^|\\s)" + Pattern.quote(region.getValue()) + "$")
                    .matcher(line);
            boolean byLetters = letters.find();
            if (byLetters || lines.size() > 1 && name.find() && name.start() == 0) {
                district = region.getKey();
                replaceLast(lines, line.substring(0, byLetters ? letters.start() : name.start()));
                return;
            }
        }
    }

    private void takeCodeBeforeTown(List<String> lines) {
        for (int i = lines.size() - 1; i >= 0; i--) {
            String line = lines.get(i);
            Matcher code = Pattern.compile("(?i)(?:^|(?<=\\s))" + country.postcode() + "(?=\\s|$)")
                    .matcher(line);
            if (code.find()) {
                postcode = PostalCode.written(code, country);
                String before = line.substring(0, code.start()).strip();
                String after = line.substring(code.end()).strip();
                boundTo = String.join(", ", lines.subList(i + 1, lines.size()));
                lines.subList(i, lines.size()).clear();
                if (!before.isEmpty()) {
                    lines.add(before);
                }
                if (!after.isEmpty()) {
                    lines.add(withoutProvince(after));
                }
                return;
            }
        }
    }

    private String withoutProvince(String town) {
        Matcher province = PROVINCE.matcher(town);
        if (country.code().equals("IT") && province.matches()) {
            district = province.group(2) != null ? province.group(2) : province.group(3);
            return province.group(1);
        }
        return town;
    }
}
