/**
 * While a finger or a button of the mouse is down, no answer is shown: what it brings would move the page, and the press
 * would come up over something else and be lost.
 */

/** Longest wait in milliseconds: who drags for longer sees what comes meanwhile. */
const LONGEST = 1000;

let isDown = false;
let waiting: (() => void)[] = [];

function down(): void {
  isDown = true;
}

/** What a press does is done in the same turn; answers come in the next. */
function up(): void {
  isDown = false;
  setTimeout(letGo, 0);
}

function letGo(): void {
  if (isDown) return;
  const ready = waiting;
  waiting = [];
  ready.forEach((go) => go());
}

addEventListener('pointerdown', down, { capture: true });
addEventListener('pointerup', up, { capture: true });
addEventListener('pointercancel', up, { capture: true });

/** Answers as soon as nothing is pressed. */
export function untilReleased(): Promise<void> | undefined {
  if (!isDown) return undefined;
  return new Promise((go) => {
    waiting.push(go);
    setTimeout(go, LONGEST);
  });
}
