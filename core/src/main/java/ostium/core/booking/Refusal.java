package ostium.core.booking;

/**
 * Why a time is not offered.
 *
 * @param reason what rule it is
 * @param says in words for the owner
 */
public record Refusal(Reason reason, String says) {}
