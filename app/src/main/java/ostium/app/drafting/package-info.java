/** How a site is drafted: the plan and its reasons, names, and the table on which drafts lie side by side. */
package ostium.app.drafting;
