/** What the business does, how long it takes and what it costs. Its rows are the services. */
package ostium.core.section.services;
