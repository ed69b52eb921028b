/**
 * The application: services, database, public pages. A package is a feature; features use one another only through
 * their service classes.
 */
package ostium.app;
