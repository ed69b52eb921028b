package ostium.core.section.opening;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import ostium.core.brief.Brief;
import ostium.core.brief.Tone;
import ostium.core.fact.Fact;
import ostium.core.fact.FactValue;
import ostium.core.fact.Facts;
import ostium.core.fact.Picture;
import ostium.core.section.Planned;
import ostium.core.section.SectionDescriptor;
import ostium.core.section.Stage;
import ostium.core.section.WordsAt;
import ostium.core.site.Section;
import ostium.core.site.SectionKind;
import ostium.core.site.Slot;

/** The first screen: what, where, the strongest reason, and the way to reach the business. */
public final class OpeningSection extends SectionDescriptor {
    public static final SectionKind KIND = new SectionKind("OPENING");

    public OpeningSection() {
        super(
                KIND,
                List.of("beside", "across"),
                new WordsAt("headline", Slot.Shape.LINES, 200, List.of("headline")),
                WordsAt.paragraphs("lead", "how", "reason"),
                WordsAt.line("second", 60, "second"));
    }

    /** Warm and light pages begin with the reason, the others with how it works. */
    @Override
    public List<String> placesOf(String slot, Tone tone) {
        List<String> places = new ArrayList<>(placesOf(slot));
        if (slot.equals("lead") && (tone == Tone.WARM || tone == Tone.LIGHT)) {
            Collections.reverse(places);
        }
        return places;
    }

    @Override
    public Optional<Planned> plan(Brief brief) {
        return Optional.of(new Planned(true, say("plan")));
    }

    @Override
    public Stage stage() {
        return Stage.FIRST;
    }

    @Override
    public int lines(Brief brief) {
        return 24;
    }

    @Override
    public Optional<String> menu(Facts facts) {
        return Optional.empty();
    }

    /** It shows something of nearly every fact. */
    @Override
    public Set<Class<? extends FactValue>> dependsOn() {
        return Set.of(FactValue.class);
    }

    @Override
    public Stream<Fact<Picture>> pictures(Section section, Facts facts) {
        return facts.all(Picture.class).stream()
                .filter(fact -> fact.value().use() == Picture.Use.OPENING)
                .limit(1);
    }

    /** The words of the second button stand in the bar of every page. */
    @Override
    public List<Object> shownElsewhere(Section section) {
        return section.text("second").<List<Object>>map(List::of).orElse(List.of());
    }
}
