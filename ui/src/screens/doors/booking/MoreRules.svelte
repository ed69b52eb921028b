<script lang="ts">
  import { BEFORE, type BookingState } from './booking.svelte';
  import People from './People.svelte';
  import { say } from '../../../words/say';

  /** The rules that stand ready: how far ahead, the way, limits, hours, people, questions, costs. */
  let {
    booking,
    hours,
    grids,
    keep
  }: { booking: BookingState; hours: string; grids: number[]; keep: () => void } = $props();

  const rules = $derived(booking.rules);
  const name = (service: string): string =>
    booking.setup?.services.find((each) => each.id === service)?.name ?? say('doors.moreRules.thisService');

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
      <label for="rule-ahead">{say('doors.moreRules.daysAhead')}</label><input
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
      <label for="rule-grid">{say('doors.moreRules.appointmentsBegin')}</label>
      <select id="rule-grid" class="line" bind:value={rules.grid} onchange={keep}>
        {#each grids as grid (grid)}<option value={grid}
            >{grid === 60
              ? say('doors.moreRules.onTheHour')
              : say('doors.moreRules.everyMinutes', { grid })}</option
          >{/each}
      </select>
    </p>
    <p>
      <label for="rule-limit">{say('doors.moreRules.mostOnOneDay')}</label>
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
      <small id="rule-limit-help" class="quiet">{say('doors.moreRules.n0ForAsManyAs')}</small>
    </p>
    <p>
      <label for="rule-change">{say('doors.moreRules.visitorsCanMoveOrCancel')}</label>
      <select id="rule-change" class="line" bind:value={rules.changeUntil} onchange={keep}>
        {#each BEFORE as [minutes, words] (minutes)}<option value={minutes}
            >{minutes === 0
              ? say('doors.moreRules.untilItBegins')
              : say('doors.moreRules.upTo', { words })}</option
          >{/each}
        {#if !BEFORE.some(([minutes]) => minutes === rules.changeUntil)}<option value={rules.changeUntil}
            >{say('doors.moreRules.upToMinutesBefore', { changeUntil: rules.changeUntil })}</option
          >{/if}
      </select>
    </p>
    <p>
      <label for="rule-hours">{say('doors.moreRules.hoursForAppointments')}</label>
      <input
        id="rule-hours"
        class="line"
        maxlength="500"
        placeholder={hours || say('doors.moreRules.monFri95')}
        bind:value={rules.hours}
        onchange={keep}
        aria-describedby="rule-hours-help"
      />
      <small id="rule-hours-help" class="quiet">{say('doors.moreRules.emptyForYourHours')}</small>
    </p>
    <p>
      <label for="rule-costs">{say('doors.moreRules.aWordOnCosts')}</label>
      <input
        id="rule-costs"
        class="line"
        maxlength="200"
        dir="auto"
        placeholder={say('doors.moreRules.youPayOnTheDay')}
        bind:value={rules.costs}
        onchange={keep}
      />
    </p>
    <div class="wide">
      <label class="tick"
        ><input type="checkbox" bind:checked={rules.travels} onchange={keep} />
        {say('doors.moreRules.youGoToYourCustomers')}</label
      >
      {#if rules.travels}
        <p class="way">
          <label for="rule-way">{say('doors.moreRules.minutesBetweenTwoWhereThe')}</label>
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
      <legend>{say('doors.moreRules.keptFreeBesideEachAnd')}</legend>
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
              aria-label={say('doors.moreRules.minutesBefore', { name: name(service.service) })}
              bind:value={service.before}
              onchange={keep}
            />
            {say('doors.moreRules.before')}</label
          >
          <label
            ><input
              class="line"
              type="number"
              min="0"
              max="240"
              step="5"
              aria-label={say('doors.moreRules.minutesAfter', { name: name(service.service) })}
              bind:value={service.after}
              onchange={keep}
            />
            {say('doors.moreRules.after')}</label
          >
          <label
            ><input
              class="line"
              type="number"
              min="1"
              max="200"
              aria-label={say('doors.moreRules.peopleAtOnceAt', { name: name(service.service) })}
              bind:value={service.capacity}
              onchange={keep}
            />
            {say('doors.moreRules.atOnce')}</label
          >
        </p>
      {/each}
    </fieldset>
    <div class="wide texts">
      <label class="tick"
        ><input type="checkbox" bind:checked={rules.texts.customers} onchange={keep} />
        {say('doors.moreRules.textYourCustomersTooWhere')}</label
      >
      <p class="way">
        <label for="rule-text-to">{say('doors.moreRules.textYouOfEachBooking')}</label>
        <input
          id="rule-text-to"
          class="line number"
          type="tel"
          autocomplete="off"
          placeholder={say('doors.moreRules.aMobileNumber')}
          bind:value={rules.texts.to}
          onchange={keep}
        />
      </p>
    </div>
    <div class="wide"><People {booking} {keep} /></div>
    <fieldset class="wide">
      <legend>{say('doors.moreRules.askBesideNameAndReach')}</legend>
      {#each rules.questions as question, index (index)}
        <p class="question">
          <input
            class="line"
            maxlength="160"
            dir="auto"
            aria-label={say('doors.moreRules.question', { number: index + 1 })}
            placeholder={say('doors.moreRules.howManyChimneys')}
            bind:value={question.words}
            onchange={asked}
          />
          <label class="tick"
            ><input type="checkbox" bind:checked={question.required} onchange={asked} />
            {say('doors.moreRules.needed')}</label
          >
          <button class="word" onclick={() => unask(index)}>{say('doors.moreRules.takeOut')}</button>
        </p>
      {/each}
      {#if rules.questions.length < 6}<button class="word" onclick={ask}
          >{say('doors.moreRules.addAQuestion')}</button
        >{/if}
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
