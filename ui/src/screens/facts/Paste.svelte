<script lang="ts">
  import { tick } from 'svelte';
  import { api, problemOf } from '../../api/client';
  import type { SiteState } from '../../site.svelte';
  import { stretches, take, type Findings, type Proposal } from './take';

  /**
   * The box for what an owner has: pasted, dropped or picked. What was found is marked in the source and proposed
   * beside it; each is taken or left, or all are taken at once.
   */
  let { site, wide = false }: { site: SiteState; wide?: boolean } = $props();

  const LARGEST_FILE = 8 * 1024 * 1024;

  let typed = $state('');
  let reading = $state(false);
  let over = $state(false);
  let fault = $state('');
  let findings = $state<Findings | null>(null);
  /** What became of each proposal: how to take it back, or that it was left. */
  let done = $state<Record<string, { back: (() => void) | null }>>({});
  let chosen = $state('');
  let result = $state<HTMLElement>();

  const cut = $derived(findings ? stretches(findings) : []);
  const waiting = $derived(
    (findings?.proposals ?? []).filter((each) => each.standing !== 'SAME' && !done[each.id])
  );
  /** What can be taken unseen: what means one thing, and puts nothing aside that it only seems to replace. */
  const ready = $derived(
    waiting.filter((each) => each.sureness !== 'ASK' && (each.standing === 'NEW' || each.sureness === 'SURE'))
  );
  const same = $derived((findings?.proposals ?? []).filter((each) => each.standing === 'SAME'));

  async function read(
    send: () => Promise<{ data?: Findings; error?: unknown; response: Response }>
  ): Promise<void> {
    fault = '';
    reading = true;
    try {
      if (!site.view) site.changed();
      await site.keep();
      if (!site.view) throw new Error('away');
      const { data, error, response } = await send();
      if (data) {
        findings = data;
        done = {};
        await tick();
        result?.focus();
      } else {
        fault = problemOf(error, response).detail;
      }
    } catch {
      fault = 'There is no connection. What you pasted stays here; read it again in a moment.';
    } finally {
      reading = false;
    }
  }

  function readTyped(text = typed): Promise<void> {
    return read(() =>
      api.POST('/api/sites/{id}/paste', { params: { path: { id: site.view?.id ?? '' } }, body: { text } })
    );
  }

  function readFile(file: File | undefined): Promise<void> | void {
    if (!file) return;
    if (file.size > LARGEST_FILE) {
      fault = 'This file is larger than 8 MB. Paste the part with your address, your hours and your prices.';
      return;
    }
    const form = new FormData();
    form.append('file', file);
    return read(() =>
      api.POST('/api/sites/{id}/paste/file', {
        params: { path: { id: site.view?.id ?? '' } },
        body: form as never,
        bodySerializer: (body) => body as unknown as FormData
      })
    );
  }

  function dropped(event: DragEvent): void {
    event.preventDefault();
    over = false;
    const file = event.dataTransfer?.files[0];
    const text = event.dataTransfer?.getData('text/plain');
    if (file) void readFile(file);
    else if (text) {
      typed = text;
      void readTyped();
    }
  }

  /** What is pasted is read at once; what is typed waits for the button. A copied page keeps its links and tables. */
  function pasted(event: ClipboardEvent): void {
    const file = event.clipboardData?.files[0];
    if (file) {
      event.preventDefault();
      void readFile(file);
    } else {
      const page = event.clipboardData?.getData('text/html') ?? '';
      const tells = /<a\s[^>]*href|<td/i.test(page);
      setTimeout(() => void readTyped(tells ? page : typed));
    }
  }

  function takeOne(proposal: Proposal, words?: string): void {
    done[proposal.id] = { back: take(site.sheet, proposal, words) };
    site.changed();
  }

  function takeAll(): void {
    for (const proposal of ready) {
      // A second value for one line is never taken unseen over the first.
      const clash = ready.find(
        (other) =>
          other !== proposal &&
          other.path === proposal.path &&
          other.path !== 'links' &&
          other.path !== 'exceptions' &&
          other.path !== ''
      );
      if (!clash || ready.indexOf(proposal) < ready.indexOf(clash))
        done[proposal.id] = { back: take(site.sheet, proposal) };
    }
    site.changed();
  }

  function undo(proposal: Proposal): void {
    done[proposal.id]?.back?.();
    delete done[proposal.id];
    site.changed();
  }

  function keepWords(words: string): void {
    const before = site.sheet.lines.words.trimEnd();
    site.sheet.lines.words = before ? `${before}\n${words}` : words;
    site.changed();
    done[`left-${words}`] = { back: () => (site.sheet.lines.words = before) };
  }

  function again(): void {
    findings = null;
    typed = '';
    done = {};
    chosen = '';
    void tick().then(() => document.getElementById('paste')?.focus());
  }

  function point(id: string): void {
    chosen = id;
    document.getElementById(`proposal-${id}`)?.scrollIntoView({ block: 'nearest' });
  }
</script>

<section class="paste" class:wide aria-label="From what you have">
  {#if !findings}
    <div
      class="box"
      class:over
      role="presentation"
      ondragover={(event) => {
        event.preventDefault();
        over = true;
      }}
      ondragleave={() => (over = false)}
      ondrop={dropped}
    >
      <label id="paste-heading" for="paste"
        ><strong>Paste what you have.</strong> A mail signature, your price list, the text of an old page, a contact
        file. Or drop a file here.</label
      >
      <textarea
        id="paste"
        rows={wide ? 2 : 5}
        dir="auto"
        bind:value={typed}
        onpaste={pasted}
        aria-describedby="paste-fault"
        aria-invalid={fault ? 'true' : undefined}></textarea>
      <div class="acts">
        {#if typed.trim()}
          <button type="button" class="act" disabled={reading} onclick={() => void readTyped()}
            >Read it</button
          >
        {/if}
        <label class="act" for="paste-file">Choose a file</label>
        <input
          id="paste-file"
          class="hidden-words"
          type="file"
          accept=".txt,.vcf,.csv,.tsv,.html,.htm,.json,.jsonld,.ics,text/*"
          onchange={(event) => {
            void readFile(event.currentTarget.files?.[0]);
            event.currentTarget.value = '';
          }}
        />
        {#if reading}<span class="quiet" role="status">Reading …</span>{/if}
      </div>
      <p id="paste-fault" class="fault" role="alert">{fault}</p>
    </div>
  {:else}
    <div class="read" bind:this={result} tabindex="-1" aria-labelledby="found-heading">
      <div class="source leaf chosen">
        <h2 id="found-heading">From {findings.kind}</h2>
        <pre dir="auto">{#each cut as stretch, index (index)}{#if stretch.proposal}{@const proposal =
                stretch.proposal}<button
                type="button"
                class="mark {proposal.standing === 'SAME' || done[proposal.id]?.back ? 'known' : 'new'}"
                class:pointed={chosen === proposal.id}
                title={proposal.name}
                onclick={() => point(proposal.id)}>{stretch.words}</button
              >{:else}<span class:left={stretch.left}>{stretch.words}</span>{/if}{/each}</pre>
        {#if findings.note}<p class="note">{findings.note}</p>{/if}
        <button type="button" class="word" onclick={again}>Read something else</button>
      </div>
      <div class="proposals leaf">
        {#if ready.length > 1}
          <div class="all">
            <button type="button" class="act main" onclick={takeAll}>Take all {ready.length}</button>
          </div>
        {/if}
        <ul>
          {#each findings.proposals as proposal (proposal.id)}
            {#if proposal.standing !== 'SAME'}
              {@const became = done[proposal.id]}
              <li id="proposal-{proposal.id}" class:pointed={chosen === proposal.id} class:settled={!!became}>
                <div class="what">
                  <p class="name">{proposal.name}</p>
                  <p class="says" dir="auto">{proposal.says}</p>
                  {#if proposal.standing === 'REPLACES' && !became}
                    <p class="instead" dir="auto">instead of {proposal.replaces}</p>
                  {:else if proposal.sureness === 'LIKELY' && !became}
                    <p class="instead">Is that right?</p>
                  {/if}
                  {#if proposal.sureness === 'ASK' && !became}
                    <div class="choices">
                      {#each proposal.choices as choice (choice)}
                        <button type="button" class="chip-leaf" onclick={() => takeOne(proposal, choice)}
                          >{choice}</button
                        >
                      {/each}
                    </div>
                  {/if}
                </div>
                <div class="does">
                  {#if became}
                    <span class="quiet">{became.back ? 'Taken' : 'Left'}</span>
                    <button type="button" class="word" onclick={() => undo(proposal)}
                      >Undo<span class="hidden-words"> {proposal.name} {proposal.says}</span></button
                    >
                  {:else}
                    {#if proposal.sureness !== 'ASK'}
                      <button type="button" class="word" onclick={() => takeOne(proposal)}
                        >Take<span class="hidden-words"> {proposal.name} {proposal.says}</span></button
                      >
                    {/if}
                    <button
                      type="button"
                      class="word leave"
                      onclick={() => (done[proposal.id] = { back: null })}
                      >Leave<span class="hidden-words"> {proposal.name} {proposal.says}</span></button
                    >
                  {/if}
                </div>
              </li>
            {/if}
          {/each}
          {#each findings.notUnderstood as span (span.from)}
            {@const words = findings.text.slice(span.from, span.to)}
            {@const became = done[`left-${words}`]}
            <li class:settled={!!became}>
              <div class="what">
                <p class="name">Not understood</p>
                <p class="says" dir="auto">“{words.length > 160 ? `${words.slice(0, 160)} …` : words}”</p>
              </div>
              <div class="does">
                {#if became}
                  <span class="quiet">{became.back ? 'In your own words' : 'Left'}</span>
                {:else}
                  <button type="button" class="word" onclick={() => keepWords(words)}
                    >Keep as your words<span class="hidden-words">: {words}</span></button
                  >
                  <button
                    type="button"
                    class="word leave"
                    onclick={() => (done[`left-${words}`] = { back: null })}
                    >Leave<span class="hidden-words"> {words}</span></button
                  >
                {/if}
              </div>
            </li>
          {/each}
          {#if same.length}
            <li>
              <div class="what">
                <p class="name">
                  {same
                    .map((each) => each.name)
                    .filter((name, at, all) => all.indexOf(name) === at)
                    .join(', ')}
                </p>
                <p class="says">the same as you have</p>
              </div>
              <div class="does"><span class="quiet">Fine</span></div>
            </li>
          {/if}
          {#if findings.proposals.length === 0}
            <li>
              <p class="says">
                Nothing here reads as a fact. Type it into its line, or paste something else.
              </p>
            </li>
          {/if}
        </ul>
      </div>
    </div>
  {/if}
</section>

<style>
  .box {
    display: grid;
    gap: 8px;
    padding: 14px 20px 8px;
    border: 1px dashed var(--control);
    border-radius: 3px;
  }
  .box.over {
    border-color: var(--lacquer);
    background: var(--lacquer-tint);
  }
  .box label:first-child {
    color: var(--pencil);
  }
  .box strong {
    color: var(--ink);
  }
  textarea {
    width: 100%;
    padding: 8px 10px;
    border: 1px solid var(--control);
    border-radius: 2px;
    background: var(--sheet);
    color: var(--ink);
    font: inherit;
    resize: vertical;
  }
  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: 10px;
    align-items: center;
  }
  .acts label.act {
    cursor: pointer;
  }
  input:focus-visible {
    outline: none;
  }
  .acts:has(input:focus-visible) label.act {
    outline: 3px solid var(--lacquer);
    outline-offset: 2px;
  }
  .fault {
    min-height: 4px;
    color: var(--madder);
  }
  .read {
    display: grid;
    gap: 12px;
  }
  .read:focus {
    outline: none;
  }
  .wide .read {
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
    align-items: start;
  }
  .source {
    padding: 14px 16px 4px;
    background: var(--sheet);
  }
  pre {
    max-height: 420px;
    margin: 8px 0;
    overflow: auto;
    color: var(--pencil);
    font: inherit;
    font-size: 15px;
    line-height: 1.6;
    white-space: pre-wrap;
    overflow-wrap: anywhere;
  }
  .mark {
    display: inline;
    padding: 0 2px;
    border: 0;
    border-bottom: 2px solid;
    border-radius: 0;
    font: inherit;
    text-align: left;
    white-space: pre-wrap;
    color: var(--ink);
    cursor: pointer;
  }
  .known {
    border-color: var(--verdigris);
    background: var(--verdigris-tint);
  }
  .new {
    border-color: var(--brass);
    background: var(--brass-tint);
  }
  .mark.pointed {
    outline: 2px solid var(--lacquer);
  }
  .left {
    text-decoration: underline dotted var(--control);
    text-underline-offset: 4px;
  }
  .note {
    color: var(--brass-ink);
    font-size: 15px;
  }
  .proposals {
    padding: 4px 0;
    border-left-width: 1px;
  }
  .all {
    padding: 12px 16px;
    border-bottom: 1px solid var(--fine-rule);
  }
  ul {
    margin: 0;
    padding: 0;
    list-style: none;
  }
  li {
    display: flex;
    justify-content: space-between;
    gap: 12px;
    padding: 8px 16px;
  }
  li + li {
    border-top: 1px solid var(--fine-rule);
  }
  li.pointed {
    background: var(--lacquer-tint);
  }
  li.settled .says {
    color: var(--pencil);
  }
  .what {
    min-width: 0;
    overflow-wrap: anywhere;
  }
  .says,
  .instead {
    color: var(--pencil);
    font-size: 15px;
  }
  .instead {
    color: var(--brass-ink);
  }
  .does {
    display: flex;
    flex: none;
    gap: 14px;
    align-items: flex-start;
  }
  .does .word {
    min-height: 28px;
    padding-top: 0;
  }
  .does .quiet {
    line-height: 28px;
  }
  .leave {
    color: var(--pencil);
    font-weight: 400;
  }
  .choices {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
    margin: 6px 0;
  }
  @media (max-width: 980px) {
    .wide .read {
      grid-template-columns: minmax(0, 1fr);
    }
    .does .word,
    .choices .chip-leaf {
      min-height: 44px;
    }
  }
</style>
