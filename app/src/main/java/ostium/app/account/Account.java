package ostium.app.account;

import java.io.Serializable;
import java.security.Principal;

/**
 * An owner's account. As the principal of a session it is known by its id, which never changes.
 *
 * @param id UUID
 * @param email address they sign in with, lower case
 * @param name what they are called
 * @param confirmed whether a link that was sent to the address has been opened
 */
public record Account(String id, String email, String name, boolean confirmed) implements Serializable, Principal {
    @Override
    public String getName() {
        return id;
    }
}
