<script lang="ts">
  import { untrack } from 'svelte';
  import type { ShopfrontChange } from '../api/client';
  import { notices } from './notices';
  import { say } from '../words/say';

  /**
   * The real page, at the width of a phone or a laptop, drawn by the renderer that also publishes it. Without a `select`
   * it only shows; with one, what is pressed in it is told.
   */
  let {
    address,
    revision,
    width = 390,
    height = 620,
    label,
    select,
    went,
    at = 0,
    sends
  }: {
    address: string;
    revision?: number;
    width?: number;
    height?: number;
    label: string;
    /** @param picture use of the picture that was pressed, or empty */
    select?: (section: string, text: string, picture: string) => void;
    /** The menu was pressed, and another page is shown. */
    went?: (section: string) => void;
    /** The minute it is shown at, in milliseconds since 1970; 0 for this one. */
    at?: number;
    /** The form in it was sent, with what was typed. */
    sends?: (fields: Record<string, string>) => void;
  } = $props();

  let frame = $state<HTMLIFrameElement>();
  let box = $state<HTMLDivElement>();
  let room = $state(0);
  // The token in the address changes with every answer; the page that is open stays good for hours.
  let opened = $state('');
  let shown: number | undefined;
  let ready = $state(false);

  const origin = $derived(address ? new URL(address).origin : '');
  const scale = $derived(room && room < width ? room / width : 1);

  $effect(() => {
    if (!opened && address) {
      opened = address;
      shown = revision;
    } else if (ready && revision !== undefined && revision !== shown) {
      shown = revision;
      refresh();
    }
  });

  $effect(() => {
    box?.style.setProperty('--scale', String(scale));
    box?.style.setProperty('--page-width', scale < 1 ? `${width}px` : '100%');
    box?.style.setProperty('--page-height', `${height / scale}px`);
    box?.style.setProperty('--box-height', `${height}px`);
  });

  // What is told before the page listens is lost: words are told again once it does, the rest is fetched anew.
  let listens = false;
  let lost = false;
  let typed: Record<string, unknown[]> = {};

  function tell(message: Record<string, unknown>): void {
    frame?.contentWindow?.postMessage({ schema: 1, ...message }, origin);
  }

  function tellOrFetch(message: Record<string, unknown>): void {
    lost ||= !listens;
    tell(message);
  }

  $effect(() => {
    const minute = at;
    if (ready) untrack(() => tell({ type: 'clock', at: minute }));
  });

  function sent(fields: Record<string, string>): void {
    if (sends) sends(fields);
    else
      notices.info({
        title: say('parts.shopfront.nothingIsSentFromHere'),
        description: say('parts.shopfront.tryTheFormOutUnder')
      });
  }

  function begins(): void {
    listens = true;
    if (at) tell({ type: 'clock', at });
    if (lost) refresh();
    else for (const [id, tree] of Object.entries(typed)) type(id, tree);
    lost = false;
    typed = {};
  }

  export function refresh(): void {
    tellOrFetch({ type: 'refresh' });
  }

  /** Words as they are typed, before the server has them. */
  export function type(id: string, tree: unknown[]): void {
    if (!listens) typed[id] = tree;
    tell({ type: 'text', id, tree });
  }

  /** Sections as the server draws them. */
  export function replace(change: ShopfrontChange): void {
    if (change.anew) refresh();
    else tellOrFetch({ type: 'replace', pages: change.pages, html: change.html });
  }

  /** @param file the page it stands on; empty for head and foot, which stand on every page */
  export function choose(section: string, text: string, file: string): void {
    tell({ type: 'select', section, text, file });
  }

  function hear(event: MessageEvent): void {
    if (event.source !== frame?.contentWindow || event.origin !== origin) return;
    const message = event.data as {
      schema?: number;
      type?: string;
      section?: string;
      text?: string;
      picture?: string;
      fields?: Record<string, string>;
    };
    if (message?.schema !== 1) return;
    if (message.type === 'ready') begins();
    if (message.type === 'send') sent(message.fields ?? {});
    if (message.type === 'went') went?.(String(message.section ?? ''));
    if (message.type === 'select')
      select?.(String(message.section ?? ''), String(message.text ?? ''), String(message.picture ?? ''));
  }
</script>

<svelte:window onmessage={hear} />

<div class="shopfront" bind:this={box} bind:clientWidth={room}>
  {#if opened}
    <iframe bind:this={frame} src={opened} title={label} referrerpolicy="origin" onload={() => (ready = true)}
    ></iframe>
  {/if}
</div>

<style>
  .shopfront {
    height: var(--box-height, 620px);
    overflow: hidden;
    border: 1px solid var(--control);
    border-radius: 3px;
    background: #fff;
    box-shadow: var(--shadow);
  }
  iframe {
    display: block;
    width: var(--page-width, 100%);
    height: var(--page-height, 620px);
    border: 0;
    transform: scale(var(--scale, 1));
    transform-origin: 0 0;
  }
</style>
