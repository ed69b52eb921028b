package ostium.core.draft;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import ostium.core.draft.Plan.Choice;
import ostium.core.fact.Area;
import ostium.core.fact.FactValue;
import ostium.core.fact.Listing;
import ostium.core.fact.Place;
import ostium.core.site.SectionKind;
import ostium.core.trade.Goal;

/**
 * Which sections the facts carry, in the order the goal asks for, however many pages they are laid on.
 *
 * @param in those planned
 * @param out those left out
 */
record PlannedSections(List<Choice> in, List<Choice> out) {

    static PlannedSections of(Brief brief) {
        List<Choice> in = new ArrayList<>();
        List<Choice> out = new ArrayList<>();
        in.add(new Choice(SectionKind.OPENING, "What you do, where, and the way to reach you come first."));
        int services = brief.services().size();
        if (services > 0) {
            in.add(new Choice(SectionKind.SERVICES, services(brief, services)));
        } else {
            out.add(new Choice(SectionKind.SERVICES, "No services given yet."));
        }
        List<Choice> middle = new ArrayList<>();
        about(brief, middle, out);
        testimonials(brief, middle, out);
        if (brief.facts().one(FactValue.Hours.class).isPresent()) {
            middle.add(new Choice(SectionKind.HOURS, "Your hours are known."));
        } else {
            out.add(new Choice(SectionKind.HOURS, "No hours given yet."));
        }
        place(brief, middle, out);
        questions(brief, middle, out);
        if (brief.workingGoal() == Goal.VISIT) {
            middle.sort((a, b) -> Boolean.compare(a.kind() == SectionKind.ABOUT, b.kind() == SectionKind.ABOUT));
        }
        brief.wishes().arrangement().arrange(middle);
        in.addAll(middle);
        if (brief.form()) {
            in.add(new Choice(SectionKind.ENQUIRY, "A message reaches you when you cannot answer the telephone."));
        } else {
            out.add(new Choice(
                    SectionKind.ENQUIRY, "A folder of files cannot receive messages without a mail address."));
        }
        return new PlannedSections(List.copyOf(in), List.copyOf(out));
    }

    private static String services(Brief brief, int services) {
        long priced = brief.services().stream()
                .filter(fact -> fact.value().price() != null)
                .count();
        String what = capital(Listing.number(services)) + (services == 1 ? " service" : " services");
        return priced == 0 ? what + ", no prices yet." : what + ", " + Listing.number((int) priced) + " with a price.";
    }

    private static void about(Brief brief, List<Choice> in, List<Choice> out) {
        boolean about = !brief.ownWords().isEmpty()
                || brief.facts().one(FactValue.Person.class).isPresent()
                || brief.facts().one(FactValue.Guarantee.class).isPresent()
                || brief.facts().one(FactValue.Founded.class).isPresent()
                || brief.membership().isPresent()
                || !brief.practices().isEmpty();
        if (about) {
            in.add(new Choice(SectionKind.ABOUT, "You told us about yourself."));
        } else {
            out.add(new Choice(
                    SectionKind.ABOUT, "Nothing to say yet. A name, a year or a yes to a question would carry it."));
        }
    }

    private static void testimonials(Brief brief, List<Choice> in, List<Choice> out) {
        int said = brief.facts().all(FactValue.Testimonial.class).size();
        if (said > 0) {
            in.add(new Choice(
                    SectionKind.TESTIMONIALS,
                    said == 1
                            ? "A customer may be quoted."
                            : capital(Listing.number(said)) + " customers may be quoted."));
        } else {
            out.add(new Choice(
                    SectionKind.TESTIMONIALS, "Nobody’s words yet. Two sentences from a customer say more than ours."));
        }
    }

    private static void questions(Brief brief, List<Choice> in, List<Choice> out) {
        int answers = brief.facts().all(FactValue.Answer.class).size();
        if (answers > 0) {
            in.add(new Choice(
                    SectionKind.QUESTIONS,
                    answers == 1
                            ? "You have answered a question people ask."
                            : "You have answered " + Listing.number(answers) + " questions people ask."));
        } else {
            out.add(new Choice(
                    SectionKind.QUESTIONS, "No answers yet. What people ask on the telephone can be answered here."));
        }
    }

    private static void place(Brief brief, List<Choice> in, List<Choice> out) {
        boolean area = brief.visits() && brief.facts().one(Area.class).isPresent();
        boolean address = brief.receives()
                && brief.facts()
                        .one(Place.class)
                        .filter(place -> !place.lines().isEmpty())
                        .isPresent();
        if (area) {
            in.add(new Choice(
                    SectionKind.PLACE,
                    address ? "You travel, and people come to you." : "You travel to your customers."));
        } else if (address) {
            in.add(new Choice(SectionKind.PLACE, "People come to you."));
        } else if (brief.receives()) {
            out.add(new Choice(SectionKind.PLACE, "No address given yet."));
        } else {
            out.add(new Choice(SectionKind.PLACE, "You travel to your customers, and have not said where to."));
        }
    }

    static String capital(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }
}
