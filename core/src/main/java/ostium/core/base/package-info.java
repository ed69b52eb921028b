/** Small types that every other room builds on: a reading, a seed, a list said in words, data files. Knows no other room. */
package ostium.core.base;
