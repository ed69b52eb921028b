<script lang="ts">
  import { notices } from '../notices';
  import type { Problem } from '../../api/client';
  import { HookState, type Call, type Subject } from './hook.svelte';
  import { LANGUAGE, say } from '../../words/say';

  /**
   * A program of the owner's that is told what happens, and how the last calls went.
   *
   * @param about what it is sent a message for
   */
  let { site, subject, about }: { site: string; subject: Subject; about: string } = $props();

  const program = $derived(new HookState(site, subject));
  $effect(() => void program.load());
  // What is on its way is looked for again until it has come, or was given up.
  $effect(() => {
    if (!program.view?.calls.some((call) => call.state === 'WAITING')) return;
    const soon = setTimeout(() => void program.load(), AGAIN);
    return () => clearTimeout(soon);
  });

  const AGAIN = 2000;
  const when = new Intl.DateTimeFormat(LANGUAGE, {
    weekday: 'short',
    hour: 'numeric',
    minute: '2-digit'
  });

  const hook = $derived(program.view?.hook ?? null);
  let typed = $state<string>();
  let fault = $state('');
  let shown = $state(false);

  async function set(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    const problem = await program.set(typed ?? hook?.address ?? '');
    fault = problem?.detail ?? '';
    if (problem) document.getElementById('hook-address')?.focus();
    else {
      typed = undefined;
      notices.info({ title: say('parts.hookLeaf.itIsToldFromNow') });
    }
  }

  async function stop(): Promise<void> {
    await told(program.remove(), say('parts.hookLeaf.itIsToldNothingMore'));
    document.getElementById('hook-address')?.focus();
  }

  async function told(asked: Promise<Problem | null>, done: string): Promise<void> {
    const problem = await asked;
    if (problem) notices.error({ title: say('parts.hookLeaf.notDone'), description: problem.detail });
    else if (done) notices.info({ title: done });
  }

  function came(call: Call): string {
    if (call.state === 'TAKEN') return say('parts.hookLeaf.told');
    if (call.state === 'GIVEN_UP') return say('parts.hookLeaf.givenUp', { fault: call.fault });
    return call.fault
      ? say('parts.hookLeaf.triedAgain', { fault: call.fault })
      : say('parts.hookLeaf.onItsWay');
  }
</script>

<section class="leaf" aria-labelledby="hook-head">
  <h2 id="hook-head">{say('parts.hookLeaf.tellAnotherProgram')}</h2>
  <p class="quiet">
    {say('parts.hookLeaf.itIsToldOfSigned', { about })}
  </p>
  <form onsubmit={set} novalidate>
    <label for="hook-address">{say('parts.hookLeaf.itsAddress')}</label>
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
      <button class="word" disabled={!hook && !typed?.trim()}
        >{hook ? say('parts.hookLeaf.changeIt') : say('parts.hookLeaf.tellIt')}</button
      >
      {#if hook}
        <button
          class="word"
          type="button"
          onclick={() => told(program.test(), say('parts.hookLeaf.aTestIsOnIts'))}
          >{say('parts.hookLeaf.testIt')}</button
        >
        <button class="word" type="button" onclick={stop}>{say('parts.hookLeaf.stopTellingIt')}</button>
      {/if}
    </p>
  </form>
  {#if hook}
    <p class="secret">
      <button class="word" aria-expanded={shown} onclick={() => (shown = !shown)}
        >{say('parts.hookLeaf.theSecretItChecksWith')}</button
      >
      {#if shown}<code>{hook.secret}</code>{/if}
    </p>
    <ul>
      {#each program.view?.calls ?? [] as call (call.id)}
        <li class={call.state.toLowerCase()}>
          <span>{call.says} <span class="quiet">{when.format(new Date(call.at))} · {came(call)}</span></span>
          {#if call.state === 'GIVEN_UP'}
            <button class="word" onclick={() => told(program.again(call), say('parts.hookLeaf.triedAgain2'))}
              >{say('parts.hookLeaf.tryAgain')}</button
            >
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
