/**
 * When a business is open: reading hours as people write them, saying them back, and asking "open now?".
 *
 * <p>The front door is {@link ostium.core.hours.WeeklyHours}; the law that holds it together is
 * {@code read(say(hours)) = hours}.
 */
package ostium.core.hours;
