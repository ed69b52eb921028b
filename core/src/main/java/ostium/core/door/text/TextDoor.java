package ostium.core.door.text;

import java.util.Optional;
import ostium.core.door.DoorDescriptor;
import ostium.core.door.DoorKind;
import ostium.core.door.Premises;
import ostium.core.fact.FactValue;
import ostium.core.fact.Telephone;
import ostium.core.text.UriText;

/** Text messages (RFC 5724). */
public final class TextDoor extends DoorDescriptor {
    public static final DoorKind KIND = new DoorKind("text");

    public TextDoor() {
        super(KIND);
    }

    private static Optional<Telephone> number(Premises premises) {
        return premises.facts().one(FactValue.TextNumber.class).map(FactValue.TextNumber::number);
    }

    @Override
    protected Optional<String> lacks(Premises premises) {
        return number(premises).isPresent() ? Optional.empty() : Optional.of("number");
    }

    @Override
    public Optional<String> address(Premises premises, String opening) {
        return number(premises)
                .map(number -> "sms:" + number.e164() + (opening.isEmpty() ? "" : "?body=" + UriText.encoded(opening)));
    }

    @Override
    public String leadsTo(Premises premises) {
        return number(premises).map(Telephone::shown).orElse("");
    }

    @Override
    public Optional<String> line() {
        return Optional.of("texts");
    }

    @Override
    public boolean hasOpening() {
        return true;
    }
}
