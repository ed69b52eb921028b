/** The facts sheet: where each fact is used, reading what an owner pastes or drops, and facts out in open formats. */
package ostium.app.facts;
