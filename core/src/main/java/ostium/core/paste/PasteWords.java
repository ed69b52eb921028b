package ostium.core.paste;

import java.util.Set;
import ostium.core.base.DataFile;

/**
 * Words that readers of pasted texts know, in small letters ({@code paste-words.yaml}).
 *
 * @param harmless labels, small words, courtesies: they change nothing of what stands beside them
 * @param ofAddresses small words of addresses, in the languages that are read; any other makes an address doubtful
 */
record PasteWords(Set<String> harmless, Set<String> ofAddresses) {
    static final PasteWords SHIPPED = DataFile.read("/ostium/paste-words.yaml", PasteWords.class);
}
