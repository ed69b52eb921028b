<script lang="ts">
  import { tick } from 'svelte';
  import type { SiteState } from '../../site.svelte';
  import AnswerLine from '../../parts/AnswerLine.svelte';
  import { say } from '../../words/say';

  /** What the business does: the trade's usual services to tap, and a row for each that was taken. */
  let { site, summaries = false }: { site: SiteState; summaries?: boolean } = $props();

  const offered = $derived(
    (site.view?.trade.services ?? []).filter(
      (usual) => !site.sheet.services.some((service) => service.usual === usual.key)
    )
  );

  async function add(usual: string, name: string): Promise<void> {
    site.sheet.services.push({
      id: usual || crypto.randomUUID(),
      usual,
      name,
      summary: '',
      price: '',
      minutes: ''
    });
    site.changed();
    await tick();
    const last = site.sheet.services.length - 1;
    document.getElementById(usual ? `services-${last}-price` : `services-${last}`)?.focus();
  }

  function remove(index: number): void {
    site.sheet.services.splice(index, 1);
    site.changed();
    document.getElementById('another-service')?.focus();
  }

  /** The button goes with its service, so that a second press moves the same one. */
  async function move(index: number, by: number): Promise<void> {
    const [service] = site.sheet.services.splice(index, 1);
    if (service) site.sheet.services.splice(index + by, 0, service);
    site.changed();
    await tick();
    const row = document.getElementById(`services-${index + by}`)?.closest('li');
    const wanted = row?.querySelector<HTMLButtonElement>(`[data-move="${by}"]:not([disabled])`);
    (wanted ?? row?.querySelector<HTMLButtonElement>('[data-move]:not([disabled])'))?.focus();
  }

  /** How a price is usually given, as it could be typed. */
  const PRICES: Record<string, string> = {
    FIXED: say('opening.services.price'),
    FROM: say('opening.services.from'),
    HOURLY: say('opening.services.anHour'),
    UNIT: say('opening.services.each'),
    QUOTE: say('opening.services.onRequest'),
    FREE: say('opening.services.free')
  };

  function usualOf(key: string) {
    return site.view?.trade.services.find((usual) => usual.key === key);
  }

  function usualMinutes(key: string): string {
    const minutes = usualOf(key)?.minutes;
    return minutes ? say('opening.services.oftenMin', { minutes }) : say('opening.services.howLong');
  }

  function answerOf(field: string) {
    return site.view?.answers[field];
  }
</script>

{#if site.sheet.services.length > 0}
  <ol class="rows">
    {#each site.sheet.services as service, index (index)}
      {@const id = `services-${index}`}
      <li>
        <div class="row">
          <label class="hidden-words" for={id}>{say('opening.services.service', { number: index + 1 })}</label
          >
          <input
            {id}
            class="line name"
            dir="auto"
            placeholder={say('opening.services.whatIsItCalled')}
            bind:value={service.name}
            oninput={() => site.changed()}
            aria-invalid={answerOf(`services.${index}`)?.state === 'REFUSED' ? 'true' : undefined}
          />
          <label class="hidden-words" for="{id}-minutes"
            >{say('opening.services.timeFor', { name: service.name })}</label
          >
          <input
            id="{id}-minutes"
            class="line"
            placeholder={usualMinutes(service.usual)}
            bind:value={service.minutes}
            oninput={() => site.changed()}
            aria-invalid={answerOf(`services.${index}.minutes`)?.state === 'REFUSED' ? 'true' : undefined}
          />
          <label class="hidden-words" for="{id}-price"
            >{say('opening.services.priceOf', { name: service.name })}</label
          >
          <input
            id="{id}-price"
            class="line"
            placeholder={PRICES[usualOf(service.usual)?.price ?? 'FIXED']}
            bind:value={service.price}
            oninput={() => site.changed()}
            aria-invalid={answerOf(`services.${index}.price`)?.state === 'REFUSED' ? 'true' : undefined}
          />
          <span class="acts">
            <button
              class="word"
              type="button"
              data-move="-1"
              disabled={index === 0}
              onclick={() => move(index, -1)}
              >{say('opening.services.up')}<span class="hidden-words"> {service.name}</span></button
            >
            <button
              class="word"
              type="button"
              data-move="1"
              disabled={index === site.sheet.services.length - 1}
              onclick={() => move(index, 1)}
              >{say('opening.services.down')}<span class="hidden-words"> {service.name}</span></button
            >
            <button class="word" type="button" onclick={() => remove(index)}
              >{say('opening.services.takeOut')}<span class="hidden-words"> {service.name}</span></button
            >
          </span>
        </div>
        {#if summaries}
          <label class="hidden-words" for="{id}-summary"
            >{say('opening.services.inASentence', { name: service.name })}</label
          >
          <input
            id="{id}-summary"
            class="line summary"
            placeholder={usualOf(service.usual)?.say || say('opening.services.inASentence2')}
            dir="auto"
            bind:value={service.summary}
            oninput={() => site.changed()}
          />
        {/if}
        {#each ['', '.minutes', '.price'] as part (part)}
          {@const answer = answerOf(`services.${index}${part}`)}
          {#if answer?.state === 'REFUSED'}
            <AnswerLine
              id="{id}{part.replace('.', '-')}-answer"
              {answer}
              typed={part === '.price' ? service.price : part === '.minutes' ? service.minutes : service.name}
            />
          {/if}
        {/each}
      </li>
    {/each}
  </ol>
{/if}
<div class="chips">
  {#each offered as usual (usual.key)}
    <button class="chip-leaf" type="button" onclick={() => add(usual.key, usual.name)}>{usual.name}</button>
  {/each}
  <button id="another-service" class="chip-leaf" type="button" onclick={() => add('', '')}
    >{site.sheet.services.length || offered.length
      ? say('opening.services.another')
      : say('opening.services.addAService')}</button
  >
</div>

<style>
  .rows {
    margin: 0 0 10px;
    padding: 0;
    list-style: none;
  }
  .row {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 104px 96px auto;
    gap: 14px;
    align-items: center;
  }
  .name {
    font-weight: 700;
  }
  .summary {
    margin-bottom: 8px;
    border-bottom-color: var(--rule);
    font-size: 15px;
  }
  .acts {
    display: flex;
    gap: 12px;
  }
  .acts .word {
    font-size: 14px;
    min-height: 36px;
  }
  .acts .word[disabled] {
    visibility: hidden;
  }
  .chips {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
  }
  @media (max-width: 720px) {
    .row {
      grid-template-columns: 1fr 1fr;
      gap: 4px 14px;
      padding-bottom: 8px;
    }
    .name,
    .acts {
      grid-column: 1 / -1;
    }
    .acts .word {
      min-height: 44px;
    }
  }
</style>
