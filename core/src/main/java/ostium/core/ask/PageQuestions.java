package ostium.core.ask;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import ostium.core.base.Messages;
import ostium.core.brief.Brief;
import ostium.core.copy.Salience;
import ostium.core.fact.Area;
import ostium.core.fact.FactValue;
import ostium.core.fact.Place;
import ostium.core.section.about.AboutSection;
import ostium.core.section.enquiry.EnquirySection;
import ostium.core.section.opening.OpeningSection;
import ostium.core.section.place.PlaceSection;
import ostium.core.section.services.ServicesSection;
import ostium.core.section.testimonials.TestimonialsSection;
import ostium.core.site.SectionKind;
import ostium.core.trade.Trade;

/**
 * What would make a page stronger, best first: the messages its trade is chosen for and that no fact carries yet. They are asked one at
 * a time, and an answer becomes a fact like any other.
 */
public final class PageQuestions {
    private static final Messages WORDS = Messages.of("ask");

    /** Where, what and how much come before everything that is special about a business. */
    private static final double WHERE = 3;

    private static final double WHAT = 2.8;
    private static final double PRICES = 2.2;
    private static final double PROMISE = 0.95;

    /** Each further practice counts a little less than the one before. */
    private static final double AFTER = 0.2;

    /** Customers' words from which the page can quote one. */
    private static final int VOICES = 2;

    /** The section an answer stands in, by its line; what is told of the business itself stands in what is said about it. */
    private static final Map<String, SectionKind> BESIDE = Map.of(
            "area", PlaceSection.KIND,
            "place", PlaceSection.KIND,
            "services", ServicesSection.KIND,
            "promise", EnquirySection.KIND,
            "guarantee", OpeningSection.KIND,
            "testimonial", TestimonialsSection.KIND);

    private record Weighed(PageQuestion question, double weight) {}

    private final Brief brief;
    private final List<Weighed> all = new ArrayList<>();

    private PageQuestions(Brief brief) {
        this.brief = brief;
    }

    /**
     * Questions that are open.
     *
     * @param putOff keys of those the owner does not want to be asked
     */
    public static List<PageQuestion> of(Brief brief, Set<String> putOff) {
        PageQuestions questions = new PageQuestions(brief);
        questions.basics();
        questions.practices();
        questions.special();
        return questions.all.stream()
                .sorted(Comparator.comparingDouble(Weighed::weight).reversed())
                .map(Weighed::question)
                .filter(question -> !putOff.contains(question.key()))
                .toList();
    }

    private void basics() {
        boolean placed = brief.facts().one(Place.class).isPresent();
        boolean round = brief.facts().one(Area.class).isPresent();
        askIf(!round && brief.trade().visits(), "area", "area", placed ? PRICES : WHERE);
        askIf(!placed && brief.trade().coming() == Trade.Coming.RECEIVES, "place", "place", WHERE);
        askIf(brief.services().isEmpty(), "services", "services", WHAT);
        askIf(
                !brief.services().isEmpty()
                        && brief.services().stream()
                                .noneMatch(fact -> fact.value().price() != null),
                "prices",
                "services",
                PRICES);
        askIf(
                brief.facts().one(FactValue.AnswerPromise.class).isEmpty() && brief.form(),
                "promise",
                "promise",
                PROMISE);
    }

    /** Practices of the trade, each with the question its data asks. */
    private void practices() {
        double weight = Salience.of("practice", brief.trade());
        for (Trade.UsualPractice practice : brief.trade().practices()) {
            if (!brief.facts().practises(practice.key())) {
                String field = "practice/" + practice.key();
                all.add(new Weighed(
                        new PageQuestion(
                                field,
                                practice.ask(),
                                WORDS.say("practice.gains", practice.says()),
                                field,
                                OpeningSection.KIND,
                                true),
                        weight));
                weight -= AFTER;
            }
        }
    }

    private void special() {
        askFor(
                "guarantee",
                "guarantee",
                brief.facts().all(FactValue.Guarantee.class).isEmpty());
        askFor("own", "words", brief.ownWords().isEmpty());
        askFor(
                "customer",
                "testimonial",
                brief.facts().all(FactValue.Testimonial.class).size() < VOICES);
        askFor("qualification", "membership", brief.memberships().isEmpty());
        askFor("people", "person", brief.facts().all(FactValue.Person.class).isEmpty());
        askFor("since", "founded", brief.facts().one(FactValue.Founded.class).isEmpty());
    }

    private void askFor(String kind, String field, boolean isOpen) {
        askIf(isOpen, kind, field, Salience.of(kind, brief.trade()));
    }

    private void askIf(boolean isOpen, String key, String field, double weight) {
        if (isOpen) {
            all.add(new Weighed(
                    new PageQuestion(
                            key,
                            WORDS.say(key + ".ask"),
                            WORDS.say(key + ".gains"),
                            field,
                            BESIDE.getOrDefault(field, AboutSection.KIND),
                            false),
                    weight));
        }
    }
}
