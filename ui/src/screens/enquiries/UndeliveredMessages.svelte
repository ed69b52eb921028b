<script lang="ts">
  import { tick } from 'svelte';
  import type { Problem } from '../../api/client';
  import { notices } from '../../parts/notices';
  import type { Undelivered, UndeliveredState } from './undelivered.svelte';
  import { clock, day } from './waiting';
  import { say } from '../../words/say';

  /** Mails and texts that have not come to whom they are for: why, and what can be done. Nothing where there are none. */
  let { undelivered, now }: { undelivered: UndeliveredState; now: Date } = $props();

  const list = $derived(undelivered.list);
  const lost = $derived(list.filter((each) => each.isGivenUp));
  const waiting = $derived(list.filter((each) => !each.isGivenUp));
  let busy = $state('');

  /** A mail and a text are called what they are; several of both are messages. */
  function head(some: Undelivered[], isLost: boolean): string {
    const texts = some.filter((each) => each.way === 'TEXT').length;
    const kind = texts === 0 ? 'mail' : texts === some.length ? 'text' : 'message';
    return say(`enquiries.undeliveredMessages.${isLost ? 'lost' : 'waiting'}.${kind}`, {
      count: some.length
    });
  }

  async function act(message: Undelivered, asked: Promise<Problem | null>, done: string): Promise<void> {
    busy = message.id;
    const at = lost.findIndex((each) => each.id === message.id);
    const problem = await asked;
    busy = '';
    if (problem)
      notices.error({ title: say('enquiries.undeliveredMessages.notDone'), description: problem.detail });
    else notices.info({ title: done });
    await tick();
    const next = problem ? message : (lost[at] ?? lost.at(-1));
    // Where no other is left, what was looked at before it is next.
    const where = next ? document.getElementById(`again-${next.id}`) : null;
    (where ?? document.getElementById('find') ?? document.querySelector<HTMLElement>('main .act'))?.focus();
  }
</script>

{#if list.length > 0}
  <section class="leaf" aria-labelledby="undelivered-head">
    <h2 id="undelivered-head">
      {head(lost.length > 0 ? lost : waiting, lost.length > 0)}
    </h2>
    {#if lost.length > 0}<ul>
        {#each lost as message (message.id)}
          <li>
            <p class="what">
              <b dir="auto">{message.about}</b>
              <span class="quiet"
                >{say('enquiries.undeliveredMessages.to', {
                  to: message.to,
                  day: day(new Date(message.at), now),
                  clock: clock(new Date(message.at))
                })}</span
              >
            </p>
            <p class="why">{message.fault}</p>
            <p class="acts">
              <button
                class="word"
                id="again-{message.id}"
                disabled={busy === message.id}
                onclick={() =>
                  act(message, undelivered.again(message), say('enquiries.undeliveredMessages.itIsOnItsWay'))}
                aria-label={say('enquiries.undeliveredMessages.sendAgainTo', { to: message.to })}
                >{say('enquiries.undeliveredMessages.sendAgain')}</button
              >
              <button
                class="word"
                disabled={busy === message.id}
                onclick={() =>
                  act(
                    message,
                    undelivered.letGo(message),
                    say('enquiries.undeliveredMessages.itIsShownNoMore')
                  )}
                aria-label={say('enquiries.undeliveredMessages.showNoMore', { about: message.about })}
                >{say('enquiries.undeliveredMessages.showNoMore2')}</button
              >
            </p>
          </li>
        {/each}
      </ul>{/if}
    {#if waiting[0]}
      <p class="quiet waits">
        {say('enquiries.undeliveredMessages.toItIsTriedAgain', {
          to: waiting[0].to,
          rest: waiting.length > 1 ? say('enquiries.undeliveredMessages.andOthers') : '',
          fault: waiting[0].fault
        })}
      </p>
    {/if}
  </section>
{/if}

<style>
  section {
    margin-top: 14px;
    padding: 14px 20px 8px;
    border-left: 3px solid var(--madder);
  }
  h2 {
    font-size: 18px;
  }
  ul {
    /* However many there are, the enquiries below stay in reach. */
    max-height: 340px;
    overflow-y: auto;
    margin: 0;
    padding: 0;
    list-style: none;
  }
  li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 0 20px;
    padding-block: 8px;
  }
  li + li {
    border-top: 1px solid var(--fine-rule);
  }
  .what,
  .why {
    grid-column: 1;
    overflow-wrap: anywhere;
  }
  .what b {
    margin-right: 8px;
  }
  .why {
    color: var(--madder);
    font-size: 15px;
  }
  .waits {
    padding-block: 6px;
  }
  .acts {
    display: flex;
    grid-row: 1 / span 2;
    grid-column: 2;
    gap: 0 20px;
    align-items: start;
  }
  @media (max-width: 720px) {
    li {
      grid-template-columns: minmax(0, 1fr);
    }
    .acts {
      grid-row: auto;
      grid-column: 1;
    }
  }
</style>
