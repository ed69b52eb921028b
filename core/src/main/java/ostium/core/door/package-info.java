/**
 * The ways to reach a business, a folder each. A {@linkplain ostium.core.door.DoorDescriptor descriptor} says what a kind of
 * door needs and where it leads; {@link ostium.core.door.Doors#found} says what a visitor finds at an instant.
 */
package ostium.core.door;
