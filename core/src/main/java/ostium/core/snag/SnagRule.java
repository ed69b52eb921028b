package ostium.core.snag;

import java.util.stream.Stream;

/** One rule: looks at a site and says what is wrong with it. Never throws for what an owner could have typed. */
interface SnagRule {
    Stream<Snag> check(Subject subject);
}
