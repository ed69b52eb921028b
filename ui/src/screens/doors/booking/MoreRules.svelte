<script lang="ts">
  import { BEFORE, type BookingState } from './booking.svelte';
  import People from './People.svelte';

  /** The rules that stand ready: how far ahead, the way, limits, hours, people, questions, costs. */
  let {
    booking,
    hours,
    grids,
    keep
  }: { booking: BookingState; hours: string; grids: number[]; keep: () => void } = $props();

  const rules = $derived(booking.rules);
  const name = (service: string): string =>
    booking.setup?.services.find((each) => each.id === service)?.name ?? 'This service';

  function ask(): void {
    rules?.questions.push({ words: '', required: false });
  }

  function unask(index: number): void {
    rules?.questions.splice(index, 1);
    keep();
  }

  /** A question is kept once it is written. */
  function asked(): void {
    if (rules?.questions.every((each) => each.words.trim() !== '')) keep();
  }
</script>

{#if rules}
  <div class="rules">
    <p>
      <label for="rule-ahead">Days ahead</label><input
        id="rule-ahead"
        class="line"
        type="number"
        min="1"
        max="365"
        bind:value={rules.daysAhead}
        onchange={keep}
      />
    </p>
    <p>
      <label for="rule-grid">Appointments begin</label>
      <select id="rule-grid" class="line" bind:value={rules.grid} onchange={keep}>
        {#each grids as grid (grid)}<option value={grid}
            >{grid === 60 ? 'on the hour' : `every ${grid} minutes`}</option
          >{/each}
      </select>
    </p>
    <p>
      <label for="rule-limit">Most on one day</label>
      <input
        id="rule-limit"
        class="line"
        type="number"
        min="0"
        max="200"
        bind:value={rules.dailyLimit}
        onchange={keep}
        aria-describedby="rule-limit-help"
      />
      <small id="rule-limit-help" class="quiet">0 for as many as fit</small>
    </p>
    <p>
      <label for="rule-change">Visitors can move or cancel</label>
      <select id="rule-change" class="line" bind:value={rules.changeUntil} onchange={keep}>
        {#each BEFORE as [minutes, words] (minutes)}<option value={minutes}
            >{minutes === 0 ? 'until it begins' : `up to ${words}`}</option
          >{/each}
        {#if !BEFORE.some(([minutes]) => minutes === rules.changeUntil)}<option value={rules.changeUntil}
            >up to {rules.changeUntil} minutes before</option
          >{/if}
      </select>
    </p>
    <p>
      <label for="rule-hours">Hours for appointments</label>
      <input
        id="rule-hours"
        class="line"
        maxlength="500"
        placeholder={hours || 'Mon-Fri 9-5'}
        bind:value={rules.hours}
        onchange={keep}
        aria-describedby="rule-hours-help"
      />
      <small id="rule-hours-help" class="quiet">empty for your hours</small>
    </p>
    <p>
      <label for="rule-costs">A word on costs</label>
      <input
        id="rule-costs"
        class="line"
        maxlength="200"
        dir="auto"
        placeholder="You pay on the day."
        bind:value={rules.costs}
        onchange={keep}
      />
    </p>
    <div class="wide">
      <label class="tick"
        ><input type="checkbox" bind:checked={rules.travels} onchange={keep} /> You go to your customers: ask where,
        and leave time for the way</label
      >
      {#if rules.travels}
        <p class="way">
          <label for="rule-way">Minutes between two, where the place is not known</label>
          <input
            id="rule-way"
            class="line"
            type="number"
            min="0"
            max="240"
            step="5"
            bind:value={rules.way}
            onchange={keep}
          />
        </p>
      {/if}
    </div>
    <fieldset class="wide">
      <legend>Kept free beside each, and how many can come at once</legend>
      {#each rules.services as service (service.service)}
        <p class="buffer">
          <span dir="auto">{name(service.service)}</span>
          <label
            ><input
              class="line"
              type="number"
              min="0"
              max="240"
              step="5"
              aria-label="Minutes before {name(service.service)}"
              bind:value={service.before}
              onchange={keep}
            /> before</label
          >
          <label
            ><input
              class="line"
              type="number"
              min="0"
              max="240"
              step="5"
              aria-label="Minutes after {name(service.service)}"
              bind:value={service.after}
              onchange={keep}
            /> after</label
          >
          <label
            ><input
              class="line"
              type="number"
              min="1"
              max="200"
              aria-label="People at once at {name(service.service)}"
              bind:value={service.capacity}
              onchange={keep}
            /> at once</label
          >
        </p>
      {/each}
    </fieldset>
    <div class="wide texts">
      <label class="tick"
        ><input type="checkbox" bind:checked={rules.texts.customers} onchange={keep} /> Text your customers too,
        where they left a mobile number</label
      >
      <p class="way">
        <label for="rule-text-to">Text you of each booking, at</label>
        <input
          id="rule-text-to"
          class="line number"
          type="tel"
          autocomplete="off"
          placeholder="a mobile number"
          bind:value={rules.texts.to}
          onchange={keep}
        />
      </p>
    </div>
    <div class="wide"><People {booking} {keep} /></div>
    <fieldset class="wide">
      <legend>Ask beside name and reach</legend>
      {#each rules.questions as question, index (index)}
        <p class="question">
          <input
            class="line"
            maxlength="160"
            dir="auto"
            aria-label="Question {index + 1}"
            placeholder="How many chimneys?"
            bind:value={question.words}
            onchange={asked}
          />
          <label class="tick"
            ><input type="checkbox" bind:checked={question.required} onchange={asked} /> needed</label
          >
          <button class="word" onclick={() => unask(index)}>Take out</button>
        </p>
      {/each}
      {#if rules.questions.length < 6}<button class="word" onclick={ask}>Add a question</button>{/if}
    </fieldset>
  </div>
{/if}

<style>
  .rules {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(220px, 1fr));
    gap: 14px 28px;
    padding-top: 10px;
  }
  .wide {
    grid-column: 1 / -1;
  }
  label,
  legend {
    font-weight: 700;
  }
  small {
    font-size: 14px;
  }
  .tick,
  .buffer label {
    display: flex;
    gap: 8px;
    align-items: center;
    font-weight: 400;
  }
  .tick {
    min-height: 40px;
  }
  .way {
    display: flex;
    gap: 12px;
    align-items: center;
  }
  .way label {
    font-weight: 400;
  }
  .texts {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(min(100%, 320px), 1fr));
    gap: 0 28px;
    align-items: center;
  }
  .way .number.line {
    width: 12em;
  }
  .way .line,
  .buffer .line {
    width: 64px;
  }
  .buffer {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto auto auto;
    gap: 4px 20px;
    align-items: center;
    min-height: 44px;
    border-bottom: 1px solid var(--fine-rule);
  }
  .question {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto auto;
    gap: 16px;
    align-items: center;
  }
  @media (max-width: 720px) {
    .buffer {
      grid-template-columns: repeat(3, auto);
    }
    .buffer span {
      grid-column: 1 / -1;
    }
    .question {
      grid-template-columns: minmax(0, 1fr) auto;
    }
    .question .line {
      grid-column: 1 / -1;
    }
  }
</style>
