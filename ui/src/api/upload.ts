import { problemOf, type Problem } from './client';

/** What came of sending a file. */
export interface Sent<T> {
  data?: T;
  problem?: Problem;
}

/**
 * Sends one file as the part `file` of a form, and tells how much of it is on its way: `fetch` cannot.
 *
 * @param progress called with the part that is sent, from 0 to 1
 * @throws Error when there is no connection
 */
export function upload<T>(address: string, file: File, progress: (part: number) => void): Promise<Sent<T>> {
  return new Promise((done, failed) => {
    const request = new XMLHttpRequest();
    request.open('POST', address);
    const token = document.cookie.match(/(?:^|; )XSRF-TOKEN=([^;]+)/)?.[1];
    if (token) request.setRequestHeader('X-XSRF-TOKEN', decodeURIComponent(token));
    request.upload.onprogress = (event) => event.lengthComputable && progress(event.loaded / event.total);
    request.onerror = () => failed(new Error('away'));
    request.onload = () => {
      let body: unknown = {};
      try {
        body = JSON.parse(request.responseText);
      } catch {
        // An answer that is not ours has no words of its own.
      }
      if (request.status === 200) done({ data: body as T });
      else done({ problem: problemOf(body, new Response(null, { status: request.status || 500 })) });
    };
    const form = new FormData();
    form.append('file', file);
    request.send(form);
  });
}
