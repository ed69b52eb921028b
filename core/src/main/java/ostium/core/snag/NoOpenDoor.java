package ostium.core.snag;

import java.util.stream.Stream;

/** A page that nobody can answer is no use to a visitor. */
final class NoOpenDoor implements SnagRule {
    @Override
    public Stream<Snag> check(Subject subject) {
        if (!subject.state().doors().open(subject.facts(), subject.site()).isEmpty()) {
            return Stream.empty();
        }
        return Stream.of(new Snag(
                Snag.Level.MUST,
                "no-open-door",
                "There is no way to reach you.",
                "People come to the page to call or to write.",
                "",
                "",
                new Snag.Fix("Give a telephone number", null, "telephone")));
    }
}
