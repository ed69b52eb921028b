/**
 * A site as it is worked on: its {@linkplain ostium.core.edit.State state}, the {@linkplain ostium.core.edit.Edit edits}
 * that change it, the steps that can be taken back, and how stored ones are brought to the present schema.
 */
package ostium.core.edit;
