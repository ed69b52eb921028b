/** Everything visual of a site that is decided before it is drawn: house, colours by role, and their contrast. */
package ostium.core.look;
