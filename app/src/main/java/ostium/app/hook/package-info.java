/** Programs of an owner's that are told what happens, signed, and told again until they have it. */
package ostium.app.hook;
