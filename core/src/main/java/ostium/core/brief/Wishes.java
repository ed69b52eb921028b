package ostium.core.brief;

import java.util.Optional;
import ostium.core.look.Colour;
import ostium.core.look.House;

/**
 * What the owner wishes of a draft; where nothing is said, the draft decides.
 *
 * @param wishedTone null leaves it to the trade and the seed
 * @param wishedVoice null leaves it to the facts
 * @param wishedExtent null leaves it to the amount of content
 * @param wishedHouse null leaves it to the trade and the seed
 * @param wishedBrand colour everything is mixed around; null leaves it to the trade's moods
 * @param arrangement order of the sections between services and form
 */
public record Wishes(
        Tone wishedTone,
        Voice wishedVoice,
        Extent wishedExtent,
        House wishedHouse,
        Colour wishedBrand,
        Arrangement arrangement) {
    public static final Wishes NONE = new Wishes(null, null);

    /** Wishes for words and pages, and none for the look. */
    public Wishes(Tone wishedTone, Extent wishedExtent) {
        this(wishedTone, null, wishedExtent, null, null, Arrangement.USUAL);
    }

    public Optional<Tone> tone() {
        return Optional.ofNullable(wishedTone);
    }

    public Optional<Extent> extent() {
        return Optional.ofNullable(wishedExtent);
    }

    public Optional<House> house() {
        return Optional.ofNullable(wishedHouse);
    }

    public Optional<Colour> brand() {
        return Optional.ofNullable(wishedBrand);
    }

    public Optional<Voice> voice() {
        return Optional.ofNullable(wishedVoice);
    }

    public Wishes withVoice(Voice other) {
        return new Wishes(wishedTone, other, wishedExtent, wishedHouse, wishedBrand, arrangement);
    }

    public Wishes withTone(Tone other) {
        return new Wishes(other, wishedVoice, wishedExtent, wishedHouse, wishedBrand, arrangement);
    }

    public Wishes withExtent(Extent other) {
        return new Wishes(wishedTone, wishedVoice, other, wishedHouse, wishedBrand, arrangement);
    }

    public Wishes withHouse(House other) {
        return new Wishes(wishedTone, wishedVoice, wishedExtent, other, wishedBrand, arrangement);
    }

    public Wishes withBrand(Colour other) {
        return new Wishes(wishedTone, wishedVoice, wishedExtent, wishedHouse, other, arrangement);
    }

    public Wishes withArrangement(Arrangement other) {
        return new Wishes(wishedTone, wishedVoice, wishedExtent, wishedHouse, wishedBrand, other);
    }
}
