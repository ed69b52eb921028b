import { askWhatCounts } from './asked';
import { sendInPlace } from './form';
import { openLarge } from './large';
import { keepSaying } from './now';

/* The page works without this. It says whether the business is open now, and sends the form without leaving. */
keepSaying();
askWhatCounts();
sendInPlace();
openLarge();
