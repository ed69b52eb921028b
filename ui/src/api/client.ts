/** The API, typed from its own description. */
import createClient from 'openapi-fetch';
import type { Block, Site } from '../document/types';
import type { Sheet } from '../sheet';
import { untilReleased } from './press';
import type { components, paths } from './schema';
import { say } from '../words/say';

export type { Sheet } from '../sheet';
export type SiteView = Omit<components['schemas']['SiteView'], 'sheet'> & { sheet: Sheet };
/** What an edit of the facts sheet is answered with. */
export type KeptSheet = Omit<components['schemas']['KeptSheet'], 'site'> & { site: SiteView };
export type TypedService = components['schemas']['TypedService'];
export type Answer = components['schemas']['FieldAnswer'];
export type Enquiry = components['schemas']['Enquiry'];
export type SiteLine = components['schemas']['SiteLine'];
export type Session = components['schemas']['Session'];
export type Manuscript = Omit<components['schemas']['ManuscriptView'], 'site' | 'asides'> & {
  site: Site;
  asides: (Omit<components['schemas']['AsideView'], 'tree'> & { tree: Block[] })[];
};
export type ShopfrontChange = components['schemas']['Shopfront'];
export type Snag = components['schemas']['SnagView'];
export type FactView = components['schemas']['FactView'];
export type ServiceRow = components['schemas']['ServiceRow'];
export type Suggestion = components['schemas']['Suggestion'];

/**
 * What the server says when it cannot do a thing: words for the owner, the field they are about, and where several fields
 * are wrong at once, the words for each.
 */
export interface Problem {
  detail: string;
  field: string;
  faults: Record<string, string>;
  status: number;
}

/** Heard when a call about a site was answered: not signed in. */
export const SIGNED_OUT = 'ostium:signed-out';

const AWAY = say('api.client.theConnectionIsAwayTry');

export const api = createClient<paths>({ baseUrl: location.origin });

api.use({
  onRequest({ request }) {
    const token = document.cookie.match(/(?:^|; )XSRF-TOKEN=([^;]+)/)?.[1];
    if (token) request.headers.set('X-XSRF-TOKEN', decodeURIComponent(token));
    return request;
  },
  /** Whoever shows what is kept hears that the session has ended, whatever was asked. */
  async onResponse({ request, response }) {
    await untilReleased();
    if (response.status === 401 && /\/api\/sites\/[^/]+/.test(request.url))
      dispatchEvent(new Event(SIGNED_OUT));
  },
  /** A call never throws: that the connection is away is an answer like any other. */
  onError() {
    return Response.json({ detail: AWAY }, { status: 503 });
  }
});

/** Turns the error of a call into a {@link Problem}; what has no words of its own gets plain ones. */
export function problemOf(error: unknown, response: Response): Problem {
  const body = (error ?? {}) as { detail?: string; field?: string; faults?: Record<string, string> };
  return {
    detail: body.detail ?? say('api.client.thatDidNotWorkTry'),
    field: body.field ?? '',
    faults: body.faults ?? {},
    status: response.status
  };
}
