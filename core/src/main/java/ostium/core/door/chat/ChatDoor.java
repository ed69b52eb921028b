package ostium.core.door.chat;

import java.util.Optional;
import ostium.core.door.DoorDescriptor;
import ostium.core.door.DoorKind;
import ostium.core.door.Premises;
import ostium.core.fact.Fact;
import ostium.core.fact.Link;
import ostium.core.fact.Networks;

/** Chatting on a network; which networks can is data ({@code networks.yaml}). The first link given is the door. */
public final class ChatDoor extends DoorDescriptor {
    public static final DoorKind KIND = new DoorKind("chat");

    public ChatDoor() {
        super(KIND);
    }

    private static Optional<Link> link(Premises premises) {
        return premises.facts().all(Link.class).stream()
                .map(Fact::value)
                .filter(Networks.shipped()::isChat)
                .findFirst();
    }

    @Override
    protected Optional<String> lacks(Premises premises) {
        return link(premises).isPresent() ? Optional.empty() : Optional.of("link");
    }

    @Override
    public Optional<String> address(Premises premises, String opening) {
        return link(premises).map(link -> Networks.shipped().chat(link, opening));
    }

    @Override
    protected String says(Premises premises) {
        return link(premises).map(Link::label).orElse("");
    }

    @Override
    public String leadsTo(Premises premises) {
        return link(premises).map(Link::url).orElse("");
    }

    @Override
    public Optional<String> line() {
        return Optional.of("links");
    }

    @Override
    public boolean hasOpening() {
        return true;
    }
}
