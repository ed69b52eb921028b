package ostium.core.door.email;

import java.util.Optional;
import ostium.core.door.DoorDescriptor;
import ostium.core.door.DoorKind;
import ostium.core.door.Premises;
import ostium.core.fact.EmailAddress;
import ostium.core.text.UriText;

/** Writing mail (RFC 6068); its opening line is the subject. */
public final class EmailDoor extends DoorDescriptor {
    public static final DoorKind KIND = new DoorKind("email");

    public EmailDoor() {
        super(KIND);
    }

    @Override
    protected Optional<String> lacks(Premises premises) {
        return premises.facts().one(EmailAddress.class).isPresent() ? Optional.empty() : Optional.of("email");
    }

    @Override
    public Optional<String> address(Premises premises, String opening) {
        return premises.facts()
                .one(EmailAddress.class)
                .map(email ->
                        "mailto:" + email.ascii() + (opening.isEmpty() ? "" : "?subject=" + UriText.encoded(opening)));
    }

    @Override
    public String leadsTo(Premises premises) {
        return premises.facts().one(EmailAddress.class).map(EmailAddress::value).orElse("");
    }

    @Override
    public Optional<String> line() {
        return Optional.of("email");
    }

    @Override
    public boolean hasOpening() {
        return true;
    }
}
