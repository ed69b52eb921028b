/** After how long something is sent again that had no answer, in milliseconds. */
export const RETRY = 2500;

/** How long an answer asks to wait (RFC 9110, Retry-After in seconds), in milliseconds; the usual while where it does not say. */
export function waitOf(response: Response): number {
  const seconds = Number(response.headers.get('Retry-After'));
  return seconds > 0 ? seconds * 1000 : RETRY;
}
