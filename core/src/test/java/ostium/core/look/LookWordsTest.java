package ostium.core.look;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import ostium.core.base.Seed;
import ostium.core.draft.TradeLook;
import ostium.core.trade.TradeCatalogue;

class LookWordsTest {
    private static final Seed SEED = new Seed(3);

    private static Look look(House house) {
        return TradeLook.of(TradeCatalogue.shipped().all().get(0), house, SEED);
    }

    private static Look said(String words, Look look) {
        return LookWords.read(words).applied(look, List.of("soot"), SEED);
    }

    @ParameterizedTest(name = "{0} → {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "darker|DARKER",
                "Make it a bit darker and warmer|DARKER,WARMER",
                "too dark|LIGHTER",
                "less square, sans serif|ROUNDER,SANS",
                "calmer; with serifs|CALMER,SERIF",
                "more like this|NEAR",
                "other colours|ANOTHER_MIX",
                "I would like slab letters|SLAB",
                "DARKER!!!|DARKER",
            })
    void wordsAskForSteps(String words, String steps) {
        LookWords read = LookWords.read(words);
        assertThat(read.steps().toString().replace(" ", "")).isEqualTo("[" + steps + "]");
        assertThat(read.unknown()).isEmpty();
    }

    @Test
    void coloursAndHousesAreReadAmongThem() {
        assertThat(LookWords.read("navy, darker").brand()).isEqualTo(new Colour("#000080"));
        assertThat(LookWords.read("rgb(1, 2, 3) and rounder").brand()).isEqualTo(new Colour("#010203"));
        assertThat(LookWords.read("like the garden house").house()).isEqualTo(House.GARDEN);
    }

    @Test
    void whatSaysNothingIsNamed() {
        LookWords read = LookWords.read("darker and more zingy");
        assertThat(read.steps()).containsExactly(LookStep.DARKER);
        assertThat(read.unknown()).containsExactly("zingy");
        assertThat(LookWords.read("zingy").saysNothing()).isTrue();
        assertThat(LookWords.read("").saysNothing()).isTrue();
    }

    @ParameterizedTest
    @EnumSource(House.class)
    void darkerIsDarkerAndWarmerIsWarmer(House house) {
        Look look = look(house);
        assertThat(said("darker", look).paint().paint().luminance())
                .isLessThan(look.paint().paint().luminance());
        Oklch before = look.paint().paint().oklch();
        Oklch warmer = said("warmer", look).paint().paint().oklch();
        assertThat(apart(warmer.hue(), 55)).isLessThanOrEqualTo(apart(before.hue(), 55));
    }

    private static double apart(double hue, double other) {
        return Math.abs(((hue - other + 540) % 360) - 180);
    }

    @Test
    void aWordChangesOnlyWhatItSpeaksOf() {
        Look look = look(House.STUDIO);
        Look darker = said("darker", look);
        assertThat(darker.withMix(look.mix())).isEqualTo(look);
        Look rounder = said("rounder", look);
        assertThat(rounder.withShape(look.shape())).isEqualTo(look);
        Look serif = said("serif", look);
        assertThat(serif.withType(look.type())).isEqualTo(look);
        assertThat(serif.types().character()).contains("serif");
    }

    @ParameterizedTest
    @EnumSource(House.class)
    void everyHouseHasLettersOfItsOwn(House house) {
        assertThat(TypePairs.of(house)).isNotNull();
        assertThat(look(house).types()).isEqualTo(TypePairs.of(house));
    }
}
