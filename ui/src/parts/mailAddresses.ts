/** Mail addresses as they are typed into one line, with commas, semicolons or spaces between; in small letters. */
export function mailAddresses(typed: string): string[] {
  return typed
    .split(/[\s,;]+/)
    .map((address) => address.toLowerCase())
    .filter((address) => address !== '');
}
