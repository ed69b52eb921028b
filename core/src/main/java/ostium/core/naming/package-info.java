/**
 * Names for a business without one, made of its trade, place and people. The front door is
 * {@link ostium.core.naming.Names}.
 */
package ostium.core.naming;
