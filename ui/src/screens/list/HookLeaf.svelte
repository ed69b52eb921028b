<script lang="ts">
  import { notices } from '../../parts/notices';
  import type { Problem } from '../../api/client';
  import type { Call, ListState } from './list.svelte';

  /** A program of the owner's that is told who comes and who leaves, and how the last calls went. */
  let { list }: { list: ListState } = $props();

  const when = new Intl.DateTimeFormat('en-GB', {
    weekday: 'short',
    hour: 'numeric',
    minute: '2-digit'
  });

  const hook = $derived(list.view?.hook ?? null);
  let typed = $state<string>();
  let fault = $state('');
  let shown = $state(false);

  async function set(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    const problem = await list.setHook(typed ?? hook?.address ?? '');
    fault = problem?.detail ?? '';
    if (problem) document.getElementById('hook-address')?.focus();
    else {
      typed = undefined;
      notices.info({ title: 'It is told from now on.' });
    }
  }

  async function stop(): Promise<void> {
    await told(list.removeHook(), 'It is told nothing more.');
    document.getElementById('hook-address')?.focus();
  }

  async function told(asked: Promise<Problem | null>, done: string): Promise<void> {
    const problem = await asked;
    if (problem) notices.error({ title: 'Not done.', description: problem.detail });
    else if (done) notices.info({ title: done });
  }

  function came(call: Call): string {
    if (call.state === 'TAKEN') return 'told';
    if (call.state === 'GIVEN_UP') return `given up: ${call.fault}`;
    return call.fault ? `tried again: ${call.fault}` : 'on its way …';
  }
</script>

<section class="leaf" aria-labelledby="hook-head">
  <h2 id="hook-head">Tell another program</h2>
  <p class="quiet">
    It is sent a message for everybody who comes or leaves, signed, and again until it has it (a web hook).
  </p>
  <form onsubmit={set} novalidate>
    <label for="hook-address">Its address</label>
    <input
      id="hook-address"
      class="line"
      type="text"
      inputmode="url"
      autocomplete="off"
      spellcheck="false"
      placeholder="https://"
      value={typed ?? hook?.address ?? ''}
      oninput={(event) => (typed = event.currentTarget.value)}
      aria-invalid={fault ? 'true' : undefined}
      aria-describedby="hook-fault"
    />
    <p class="fault" id="hook-fault" role="alert">{fault}</p>
    <p class="acts">
      <button class="word" disabled={!hook && !typed?.trim()}>{hook ? 'Change it' : 'Tell it'}</button>
      {#if hook}
        <button class="word" type="button" onclick={() => told(list.testHook(), 'A test is on its way.')}
          >Test it</button
        >
        <button class="word" type="button" onclick={stop}>Stop telling it</button>
      {/if}
    </p>
  </form>
  {#if hook}
    <p class="secret">
      <button class="word" aria-expanded={shown} onclick={() => (shown = !shown)}
        >The secret it checks with</button
      >
      {#if shown}<code>{hook.secret}</code>{/if}
    </p>
    <ul>
      {#each list.view?.calls ?? [] as call (call.id)}
        <li class={call.state.toLowerCase()}>
          <span>{call.says} <span class="quiet">{when.format(new Date(call.at))} · {came(call)}</span></span>
          {#if call.state === 'GIVEN_UP'}
            <button class="word" onclick={() => told(list.callAgain(call), 'Tried again.')}>Try again</button>
          {/if}
        </li>
      {/each}
    </ul>
  {/if}
</section>

<style>
  section {
    padding: 14px 18px 12px;
  }
  form {
    margin-top: 8px;
  }
  label {
    font-weight: 700;
  }
  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: 0 20px;
  }
  .fault {
    color: var(--madder);
    font-size: 15px;
  }
  code {
    display: block;
    font-size: 13px;
    overflow-wrap: anywhere;
  }
  ul {
    margin: 6px 0 0;
    padding: 0;
    list-style: none;
    font-size: 15px;
  }
  li {
    display: flex;
    gap: 12px;
    justify-content: space-between;
    align-items: baseline;
    padding: 5px 0;
    border-top: 1px solid var(--fine-rule);
  }
  .given_up .quiet {
    color: var(--madder);
  }
</style>
