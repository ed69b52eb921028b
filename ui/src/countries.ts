import { api } from './api/client';

/** A country addresses are known of. */
export interface Country {
  code: string;
  name: string;
}

let asked: Promise<Country[]> | undefined;

/** The countries there are data of; asked once. */
export function countries(): Promise<Country[]> {
  asked ??= api.GET('/api/countries').then(({ data }) => data ?? []);
  return asked;
}
