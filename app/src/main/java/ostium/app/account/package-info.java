/** Accounts of owners: signing up, signing in and out. */
package ostium.app.account;
