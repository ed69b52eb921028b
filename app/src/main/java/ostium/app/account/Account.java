package ostium.app.account;

import java.io.Serializable;

/**
 * An owner's account.
 *
 * @param id UUID
 * @param email address they sign in with, lower case
 * @param name what they are called
 */
public record Account(String id, String email, String name) implements Serializable {}
