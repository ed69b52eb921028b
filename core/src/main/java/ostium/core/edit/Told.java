package ostium.core.edit;

import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import ostium.core.base.Messages;
import ostium.core.door.DoorDescriptor;
import ostium.core.door.DoorKinds;
import ostium.core.fact.FactNames;
import ostium.core.section.SectionKinds;
import ostium.core.site.Section;
import ostium.core.site.Site;

/**
 * What an edit is about, for the person whose step it was: said, and gone to.
 *
 * @param words what it is about, as it stands after "Taken back:"
 * @param screen where it shows
 * @param section id of the section it is in, or empty
 * @param text id of the text it is about, or empty
 */
public record Told(String words, Screen screen, String section, String text) {
    private static final Messages WORDS = Messages.of("step");

    /** Names of what edits of the whole are about. */
    private static final Map<Class<? extends WholeEdit>, String> KEYS = Map.of(
            WholeEdit.PutDraft.class, "draft",
            WholeEdit.PutState.class, "version",
            WholeEdit.PlaceDoors.class, "door-places",
            WholeEdit.SetForm.class, "form",
            WholeEdit.SetRoutes.class, "routes",
            WholeEdit.SetBooking.class, "booking",
            WholeEdit.KeepMessages.class, "keep-messages");

    /** Where a step can be seen. */
    public enum Screen {
        PAGE,
        FACTS,
        LOOK
    }

    /**
     * Tells of an edit.
     *
     * @param site the document in which what it is about can be found, before it or after it; null while there is none
     */
    public static Told of(Edit edit, Site site) {
        if (edit instanceof WholeEdit.Several several) {
            return several.edits().stream()
                    .filter(Told::isLogo)
                    .findFirst()
                    .or(() -> several.edits().stream().findFirst())
                    .map(part -> of(part, site))
                    .orElse(page("several", ""));
        }
        if (edit instanceof TextEdit text) {
            return of(text, site);
        }
        if (edit instanceof SectionEdit section) {
            return of(section, site);
        }
        if (edit instanceof ItemEdit item) {
            return inSection("row", item.section(), site);
        }
        return edit instanceof SheetEdit sheet ? of(sheet) : of((WholeEdit) edit);
    }

    /**
     * Why it cannot be taken back on a screen; empty where it can: the look on Look alone, all else on Page.
     *
     * @param asked the screen; null where it does not matter
     */
    public Optional<String> elsewhere(Screen asked) {
        return asked == null || (screen == Screen.LOOK) == (asked == Screen.LOOK)
                ? Optional.empty()
                : Optional.of(WORDS.say("elsewhere." + screen.name().toLowerCase(Locale.ROOT), words));
    }

    private static Told of(TextEdit edit, Site site) {
        if (edit instanceof TextEdit.PutText put) {
            return inSection("words", put.section(), site).at(put.text().id());
        }
        if (edit instanceof TextEdit.SetMarks) {
            return page("confirmed", "");
        }
        String text = edit instanceof TextEdit.SetText set ? set.text() : ((TextEdit.RemoveText) edit).text();
        Optional<Section> section = site == null ? Optional.empty() : site.sectionOfText(text);
        return section.map(found -> inSection("words", found.id(), site).at(text))
                .orElse(page("words-gone", ""));
    }

    private static Told of(SectionEdit edit, Site site) {
        if (edit instanceof SectionEdit.MoveSection move) {
            return inSection("moved", move.section(), site);
        }
        if (edit instanceof SectionEdit.HideSection hide) {
            return inSection(hide.hidden() ? "hidden" : "shown", hide.section(), site);
        }
        if (edit instanceof SectionEdit.RemoveSection remove) {
            return inSection("removed", remove.section(), site);
        }
        if (edit instanceof SectionEdit.SetLayout layout) {
            return inSection("layout", layout.section(), site);
        }
        Section section = edit instanceof SectionEdit.PutSection put
                ? put.section()
                : ((SectionEdit.ReplaceSection) edit).section();
        String key = edit instanceof SectionEdit.PutSection ? "added" : "drafted";
        return page(key, SectionKinds.of(section).words()).in(section.id());
    }

    /** A logo is a fact, and is chosen and seen on Look. */
    private static boolean isLogo(Edit edit) {
        return edit instanceof SheetEdit.PutRow put && put.row().line("use").equals("logo");
    }

    private static Told of(SheetEdit edit) {
        if (isLogo(edit)) {
            return new Told(WORDS.say("logo"), Screen.LOOK, "", "");
        }
        String words = edit instanceof SheetEdit.SetLine line
                ? FactNames.of(line.path())
                : WORDS.say(
                        edit instanceof SheetEdit.PutService
                                        || edit instanceof SheetEdit.RemoveService
                                        || edit instanceof SheetEdit.MoveService
                                ? "service"
                                : "fact-row");
        return new Told(words, Screen.FACTS, "", "");
    }

    private static Told of(WholeEdit edit) {
        if (edit instanceof WholeEdit.SetLook) {
            return new Told(WORDS.say("look"), Screen.LOOK, "", "");
        }
        if (edit instanceof WholeEdit.SetDoor set) {
            return page(
                    "door",
                    DoorKinds.of(set.door().kind()).map(DoorDescriptor::words).orElse(""));
        }
        return page(keyOf(edit), "");
    }

    private static String keyOf(WholeEdit edit) {
        return KEYS.entrySet().stream()
                .filter(key -> key.getKey().isInstance(edit))
                .map(Map.Entry::getValue)
                .findFirst()
                .orElse("messages");
    }

    private static Told inSection(String key, String section, Site site) {
        Optional<Section> found = site == null ? Optional.empty() : site.section(section);
        return found.map(each -> page(key, SectionKinds.of(each).words()).in(section))
                .orElse(page("several", ""));
    }

    private static Told page(String key, String section) {
        return new Told(WORDS.say(key, section), Screen.PAGE, "", "");
    }

    private Told in(String other) {
        return new Told(words, screen, other, text);
    }

    private Told at(String other) {
        return new Told(words, screen, section, other);
    }
}
