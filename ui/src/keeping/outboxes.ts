import { Outbox } from './outbox.svelte';

/** One for each site this window was at; they outlive the screens. */
const outboxes: Record<string, Outbox> = {};

/** The outbox of a site, the same on every screen. */
export function outboxOf(site: string, fresh = false): Outbox {
  return (outboxes[site] ??= new Outbox(site, fresh));
}

/** Whether anything typed in this window is not kept yet. */
export function anythingWaits(): boolean {
  return Object.values(outboxes).some((outbox) => outbox.waits || outbox.stopped.length > 0);
}

/** Tries again at once, after a sign-in or when the connection is back. */
export function tryAgain(): void {
  for (const outbox of Object.values(outboxes)) {
    outbox.meets('');
    if (outbox.waits) void outbox.keep();
  }
}

/** The session has ended. */
export function signedOut(): void {
  for (const outbox of Object.values(outboxes)) outbox.meets('signedOut');
}
