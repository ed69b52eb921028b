/** Who may work on a site: helpers that an owner invites, and handing a site over to another account. */
package ostium.app.people;
