package ostium.app.drafting;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import ostium.core.base.Messages;
import ostium.core.base.Seed;
import ostium.core.brief.Brief;
import ostium.core.brief.Tone;
import ostium.core.brief.Voice;
import ostium.core.draft.Draft;
import ostium.core.draft.Drafter;
import ostium.core.draft.Plan;
import ostium.core.edit.State;
import ostium.core.section.SectionKinds;
import ostium.core.sheet.SheetReading;
import ostium.core.site.Page;
import ostium.core.site.SectionKind;

/**
 * How a site is drafted, and what an owner can wish for.
 *
 * @param tone tone the words are chosen in
 * @param wishedTone the one the owner asked for, or empty
 * @param voice who speaks: {@code i} or {@code we}
 * @param wishedVoice the one the owner asked for, or empty
 * @param voiceReason why it is as it is
 * @param tones all of them, each with a sample from the facts of this site
 * @param extent {@code one} or {@code few}
 * @param wishedExtent what the owner asked for, or empty
 * @param extentReason why
 * @param pages the plan, page by page
 * @param leftOut sections that are not planned, and why
 * @param assumptions what is taken from the trade
 */
record DraftingView(
        String tone,
        String wishedTone,
        String voice,
        String wishedVoice,
        String voiceReason,
        List<ToneView> tones,
        String extent,
        String wishedExtent,
        String extentReason,
        List<PlannedPageView> pages,
        List<PlannedSection> leftOut,
        List<AssumedView> assumptions) {
    private static final Messages WORDS = Messages.of("brief");

    /** @param unsuited why the trade cannot speak so; empty where it can */
    record ToneView(String id, String words, boolean suits, String unsuited, List<String> sample) {}

    record PlannedPageView(String name, String slug, String reason, List<PlannedSection> sections) {}

    record PlannedSection(String name, String reason) {}

    record AssumedView(String key, String words, boolean denied) {}

    static DraftingView of(State state, SheetReading reading) {
        Brief brief = reading.brief();
        Seed seed = new Seed(state.sheet().seed());
        Plan plan = Plan.of(brief);
        Map<Tone, List<String>> samples = Drafter.samples(brief, seed);
        return new DraftingView(
                brief.tone(seed).id(),
                brief.wishes().tone().map(Tone::id).orElse(""),
                brief.voice().id(),
                brief.wishes().voice().map(Voice::id).orElse(""),
                brief.voiceReason(),
                Arrays.stream(Tone.values()).map(tone -> tone(tone, samples)).toList(),
                plan.extent().id(),
                brief.wishes().extent().map(extent -> extent.id()).orElse(""),
                plan.extentReason(),
                pages(state.draft(reading)),
                plan.leftOut().stream().map(DraftingView::section).toList(),
                brief.assumptions().stream()
                        .map(assumed -> new AssumedView(
                                assumed.name(), assumed.words(), brief.denied().contains(assumed)))
                        .toList());
    }

    private static ToneView tone(Tone tone, Map<Tone, List<String>> samples) {
        return samples.containsKey(tone)
                ? new ToneView(tone.id(), tone.words(), true, "", samples.get(tone))
                : new ToneView(tone.id(), tone.words(), false, WORDS.say("tone.unsuited"), List.of());
    }

    /** What stands there, with the reason the plan has for it; what the owner has put there has none. */
    private static List<PlannedPageView> pages(Draft draft) {
        return draft.site().pages().stream()
                .map(page -> new PlannedPageView(
                        page.name(), page.slug(), reason(draft.plan(), page), sections(draft.plan(), page)))
                .toList();
    }

    private static String reason(Plan plan, Page page) {
        return plan.pages().stream()
                .filter(planned -> planned.slug().equals(page.slug()))
                .map(Plan.PlannedPage::reason)
                .findFirst()
                .orElse("");
    }

    private static List<PlannedSection> sections(Plan plan, Page page) {
        return page.sections().stream()
                .map(section -> plan.sections().stream()
                        .filter(choice -> choice.kind().equals(section.kind()))
                        .findFirst()
                        .map(DraftingView::section)
                        .orElseGet(() -> new PlannedSection(name(section.kind()), "")))
                .toList();
    }

    private static PlannedSection section(Plan.Choice choice) {
        return new PlannedSection(name(choice.kind()), choice.reason());
    }

    private static String name(SectionKind kind) {
        return SectionKinds.of(kind).words();
    }
}
