package ostium.core.snag;

import java.util.stream.Stream;
import ostium.core.base.Messages;

/** A page that nobody can answer is no use to a visitor. */
final class NoOpenDoor implements SnagRule {
    private static final Messages WORDS = Messages.of("snag");

    @Override
    public Stream<Snag> check(Subject subject) {
        if (subject.state().doors().of(subject.facts(), subject.site()).reachesSomebody()) {
            return Stream.empty();
        }
        return Stream.of(new Snag(
                Snag.Level.MUST,
                "no-open-door",
                WORDS.say("noOpenDoor.thereIsNoWayTo"),
                WORDS.say("noOpenDoor.peopleComeToThePage"),
                "",
                "",
                new Snag.Fix(WORDS.say("noOpenDoor.give"), null, "telephone")));
    }
}
