import { askWhatCounts } from './asked';
import { sendInPlace } from './form';
import { openLarge } from './large';
import { keepSaying } from './now';
import { showOwnTimes } from './zone';

/* The page works without this. It says whether the business is open now, and sends the form without leaving. */
keepSaying();
askWhatCounts();
sendInPlace();
openLarge();
showOwnTimes(document);
