import { api } from '../../../api/client';
import type { components } from '../../../api/schema';
import { upload } from '../../../api/upload';
import type { SiteState } from '../../../site.svelte';
import { put, type Taken, type Use } from './rows';
import { say } from '../../../words/say';

export type FilesView = components['schemas']['FilesView'];
export type PictureView = components['schemas']['PictureView'];

/** A file on its way, or what became of it. */
export interface Sending {
  key: number;
  /** Id of the field it was given in. */
  at: string;
  name: string;
  /** Part that is sent, from 0 to 1; 1 while it is being looked at. */
  part: number;
  fault: string;
  notes: string[];
  done: boolean;
}

const PAUSE = 700;
const MEGABYTE = 1_000_000;

/** The pictures and files of a site: what stands beside their rows, and what is being given. */
export class FilesState {
  view = $state<FilesView | null>(null);
  sending = $state<Sending[]>([]);

  readonly #site: SiteState;
  #asked = 0;
  #key = 0;
  #timer: ReturnType<typeof setTimeout> | undefined;

  constructor(site: SiteState) {
    this.#site = site;
  }

  /** Asks anew, and goes on asking while sizes are being made. */
  async follow(): Promise<void> {
    const turn = ++this.#asked;
    const id = this.#site.view?.id;
    if (!id) return;
    const { data } = await api.GET('/api/sites/{id}/files', { params: { path: { id } } });
    if (!data || turn !== this.#asked) return;
    this.view = data;
    clearTimeout(this.#timer);
    if (Object.values(data.pictures).some((each) => each.made < each.planned)) {
      this.#timer = setTimeout(() => void this.follow(), PAUSE);
    }
  }

  stop(): void {
    clearTimeout(this.#timer);
    this.#asked++;
  }

  /** Address of a path of a picture in the editor. */
  address(path: string): string {
    return `/api/sites/${this.#site.view?.id ?? ''}/${path}`;
  }

  picture(row: string): PictureView | undefined {
    return this.view?.pictures[row];
  }

  /** Gives files one after another; each says what became of it. Answers the row of the last that was taken. */
  async give(files: Iterable<File>, use: Use, at: string): Promise<string> {
    let row = '';
    this.sending = this.sending.filter((each) => !each.done);
    for (const file of files) {
      const key = ++this.#key;
      this.sending.push({ key, at, name: file.name, part: 0, fault: '', notes: [], done: false });
      const now = this.sending.find((each) => each.key === key);
      if (now) row = (await this.#send(file, use, now)) || row;
    }
    return row;
  }

  async #send(file: File, use: Use, now: Sending): Promise<string> {
    now.fault = this.#tooLarge(file);
    try {
      if (now.fault) return '';
      if (!(await this.#site.ready())) throw new Error('away');
      const address = `/api/sites/${this.#site.view?.id}/files?use=${use}`;
      const { data, problem } = await upload<Taken>(address, file, (part) => (now.part = part));
      if (!data) {
        now.fault = problem?.detail ?? say('facts.files.thatDidNotWorkTry');
        return '';
      }
      now.notes = data.notes;
      const row = put(this.#site.sheet, data, use);
      this.#site.changed();
      return row;
    } catch {
      now.fault = say('facts.files.thereIsNoConnectionGive');
      return '';
    } finally {
      now.done = true;
    }
  }

  /** Said before a file that will be turned away is sent all the way. */
  #tooLarge(file: File): string {
    const most = /pdf$/i.test(file.type) ? this.view?.documentBytes : this.view?.pictureBytes;
    return most && file.size > most
      ? say('facts.files.thisHasMbTheMost', {
          megabytes: (file.size / MEGABYTE).toFixed(1),
          most: most / MEGABYTE
        })
      : '';
  }
}

/** Whether a file is for the pictures rather than to be read. */
export function isPictureOrPdf(file: File): boolean {
  return /^image\/|^application\/pdf$/.test(file.type);
}
