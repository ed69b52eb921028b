/** What differs from country to country: addresses, postal codes, zones, languages. All of it is data. */
package ostium.core.country;
