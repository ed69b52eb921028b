import i18next from 'i18next';
import account from './en/account.json';
import api from './en/api.json';
import app from './en/app.json';
import diary from './en/diary.json';
import document from './en/document.json';
import doors from './en/doors.json';
import enquiries from './en/enquiries.json';
import facts from './en/facts.json';
import invitation from './en/invitation.json';
import keeping from './en/keeping.json';
import list from './en/list.json';
import look from './en/look.json';
import mails from './en/mails.json';
import manuscript from './en/manuscript.json';
import opening from './en/opening.json';
import page from './en/page.json';
import parts from './en/parts.json';
import publish from './en/publish.json';
import signIn from './en/signIn.json';
import sites from './en/sites.json';

/** All words of the interface in English, a file a room: another language is another folder with the same files. */
const en = {
  account,
  api,
  app,
  diary,
  document,
  doors,
  enquiries,
  facts,
  invitation,
  keeping,
  list,
  look,
  mails,
  manuscript,
  opening,
  page,
  parts,
  publish,
  signIn,
  sites
};

/** Language and region that dates and times are written for (BCP 47). */
export const LANGUAGE = 'en-GB';

/** Paths to the messages of a tree; forms for one and for several of a thing are one message. */
type Paths<Tree, Before extends string = ''> = {
  [Key in keyof Tree & string]: Tree[Key] extends string
    ? `${Before}${Key extends `${infer Name}_one` | `${infer Name}_other` ? Name : Key}`
    : Paths<Tree[Key], `${Before}${Key}.`>;
}[keyof Tree & string];

/** Key of a message: room, part and message, such as `facts.facts.saidOnceHere`. */
export type MessageKey = Paths<typeof en>;

const words = i18next.createInstance();
void words.init({
  lng: 'en',
  resources: { en: { translation: en } },
  initAsync: false,
  returnEmptyString: true,
  // What is said goes into text and attributes, which Svelte escapes.
  interpolation: { escapeValue: false }
});

/** What was said before, by message and gaps: a screen says the same words again with every key that is pressed. */
const known = new Map<string, string>();
const MOST_KNOWN = 4000;

/**
 * A message with its gaps filled.
 *
 * @param gaps what stands at `{{name}}`; `count` also chooses the form for one or for several
 */
export function say(key: MessageKey, gaps: Record<string, unknown> = {}): string {
  const asked = `${key} ${JSON.stringify(gaps)}`;
  let says = known.get(asked);
  if (says === undefined) {
    if (known.size >= MOST_KNOWN) known.clear();
    says = words.t(key, gaps);
    known.set(asked, says);
  }
  return says;
}
