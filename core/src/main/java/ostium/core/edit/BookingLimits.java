package ostium.core.edit;

import java.util.List;
import ostium.core.base.Reading;
import ostium.core.booking.BookableService;
import ostium.core.booking.BookingQuestion;
import ostium.core.booking.BookingRules;
import ostium.core.booking.Resource;
import ostium.core.fact.Telephone;
import ostium.core.hours.WeeklyHours;

/** How bookings can be taken. */
final class BookingLimits {
    private static final int MOST_A_DAY = 200;

    private BookingLimits() {}

    /**
     * @param region ISO 3166 country of the business, for numbers
     * @throws EditRefused in words for the owner
     */
    static void check(BookingRules rules, String region) {
        between(0, rules.notice(), BookingRules.LONGEST_NOTICE, "booking.notice");
        between(1, rules.daysAhead(), BookingRules.MOST_DAYS, "booking.ahead");
        between(0, rules.dailyLimit(), MOST_A_DAY, "booking.limit");
        between(0, rules.changeUntil(), BookingRules.LONGEST_NOTICE, "booking.change");
        between(0, rules.way(), BookingRules.LONGEST_WAY, "booking.way");
        if (!BookingRules.GRIDS.contains(rules.grid())) {
            throw refused("booking.grid");
        }
        if (rules.costs().length() > BookingRules.LONGEST_COSTS) {
            throw refused("booking.costs", BookingRules.LONGEST_COSTS);
        }
        week(rules.hours());
        rules.services().forEach(BookingLimits::check);
        distinct(rules.services().stream().map(BookableService::service).toList());
        resources(rules.resources());
        questions(rules.questions());
        texts(rules.texts().to(), region);
    }

    private static void texts(String to, String region) {
        if (to.isEmpty()) {
            return;
        }
        Telephone number = Telephone.read(to, region).value().orElseThrow(() -> refused("booking.texts.number"));
        if (!number.takesTexts()) {
            throw refused("booking.texts.mobile");
        }
    }

    private static void check(BookableService service) {
        if (service.minutes() != null) {
            between(1, service.minutes(), BookableService.LONGEST, "booking.minutes");
        }
        between(0, service.before(), BookableService.LONGEST_BUFFER, "booking.buffer");
        between(0, service.after(), BookableService.LONGEST_BUFFER, "booking.buffer");
        between(1, service.capacity(), BookableService.MOST_CAPACITY, "booking.capacity");
    }

    private static void resources(List<Resource> resources) {
        if (resources.size() > BookingRules.MOST_RESOURCES) {
            throw refused("booking.resources", BookingRules.MOST_RESOURCES);
        }
        distinct(resources.stream().map(Resource::id).toList());
        for (Resource resource : resources) {
            if (!resource.id().matches("[a-z0-9-]{1,40}")) {
                throw refused("booking.twice");
            }
            if (resource.name().isEmpty() || resource.name().length() > Resource.LONGEST_NAME) {
                throw refused("booking.name", Resource.LONGEST_NAME);
            }
            week(resource.hours());
        }
    }

    private static void questions(List<BookingQuestion> questions) {
        if (questions.size() > BookingRules.MOST_QUESTIONS) {
            throw refused("booking.questions", BookingRules.MOST_QUESTIONS);
        }
        for (BookingQuestion question : questions) {
            if (question.words().isEmpty() || question.words().length() > BookingQuestion.LONGEST) {
                throw refused("booking.question", BookingQuestion.LONGEST);
            }
        }
    }

    private static void week(String hours) {
        if (hours.isEmpty()) {
            return;
        }
        Reading<WeeklyHours> week = WeeklyHours.read(hours);
        if (week instanceof Reading.Refused<WeeklyHours> no) {
            throw new EditRefused(no.reason());
        }
        if (week instanceof Reading.Unclear<WeeklyHours> unclear) {
            throw refused("door.hours.which", unclear.question(), String.join(" · ", unclear.choices()));
        }
    }

    private static void distinct(List<String> ids) {
        if (ids.stream().distinct().count() != ids.size()) {
            throw refused("booking.twice");
        }
    }

    private static void between(int least, int number, int most, String key) {
        if (number < least || number > most) {
            throw refused(key, least, most);
        }
    }

    private static EditRefused refused(String key, Object... gaps) {
        return EditRefused.saying(key, gaps);
    }
}
