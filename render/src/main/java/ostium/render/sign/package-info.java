/** Signs for a business without a logo: set from its name, its letters, and what stands for its trade. */
package ostium.render.sign;
