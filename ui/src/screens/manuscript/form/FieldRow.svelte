<script lang="ts">
  import { hangers, lines, type Field, type FieldKind, type Form } from './form';
  import { say } from '../../../words/say';

  /** A field of a form: what is asked, and once it is opened, the rules of its answer. */
  let {
    id,
    field,
    form,
    kinds,
    open,
    first,
    last,
    toggle,
    set,
    move,
    remove
  }: {
    id: string;
    field: Field;
    form: Form;
    kinds: readonly FieldKind[];
    open: boolean;
    first: boolean;
    last: boolean;
    toggle: () => void;
    set: (other: Partial<Field>, typing?: boolean) => void;
    move: (by: -1 | 1) => void;
    remove: () => void;
  } = $props();

  const kind = $derived(kinds.find((each) => each.kind === field.kind));
  const above = $derived(hangers(form, field.key, kinds));
  const hangsOn = $derived(above.find((each) => each.field.key === field.condition?.key));
  const said = $derived(
    [
      kind ? kind.words.charAt(0).toLowerCase() + kind.words.slice(1) : undefined,
      field.required ? say('manuscript.fieldRow.needed') : say('manuscript.fieldRow.ifTheyLike'),
      ...(hangsOn ? [say('manuscript.fieldRow.onlyWith', { answer: field.condition?.answer })] : [])
    ].join(', ')
  );

  function hang(key: string): void {
    const chosen = above.find((each) => each.field.key === key);
    set({ condition: chosen ? { key, answer: chosen.answers[0] ?? '' } : null });
  }
</script>

<li class:open>
  <div class="row">
    <label class="hidden-words" for="label-{id}">{say('manuscript.fieldRow.whatIsAsked')}</label>
    <input
      id="label-{id}"
      class="line"
      type="text"
      dir="auto"
      maxlength="200"
      value={field.label}
      oninput={(event) => set({ label: event.currentTarget.value }, true)}
    />
    <button class="word" type="button" aria-expanded={open} aria-controls="rules-{id}" onclick={toggle}>
      {said}
    </button>
  </div>
  {#if open}
    <div class="rules" id="rules-{id}">
      <label class="box">
        <input
          type="checkbox"
          checked={field.required}
          onchange={(event) => set({ required: event.currentTarget.checked })}
        />
        {say('manuscript.fieldRow.itMustBeAnswered')}
      </label>
      {#if kind?.options}
        <label for="options-{id}">{say('manuscript.fieldRow.answersOneALine')}</label>
        <textarea
          id="options-{id}"
          class="line"
          rows={Math.max(3, field.options.length + 1)}
          value={field.options.join('\n')}
          onchange={(event) => set({ options: lines(event.currentTarget.value) })}></textarea>
      {/if}
      <label for="help-{id}">{say('manuscript.fieldRow.aLineBeneathIt')}</label>
      <input
        id="help-{id}"
        class="line"
        type="text"
        maxlength="200"
        placeholder={say('manuscript.fieldRow.nothing')}
        value={field.help}
        oninput={(event) => set({ help: event.currentTarget.value }, true)}
      />
      {#if kind?.hangs && above.length > 0}
        <label for="hangs-{id}">{say('manuscript.fieldRow.askIt')}</label>
        <span class="hang">
          <select
            id="hangs-{id}"
            class="line"
            value={field.condition?.key ?? ''}
            onchange={(event) => hang(event.currentTarget.value)}
          >
            <option value="">{say('manuscript.fieldRow.always')}</option>
            {#each above as each (each.field.key)}
              <option value={each.field.key}
                >{say('manuscript.fieldRow.onlyAfter', { label: each.field.label })}</option
              >
            {/each}
          </select>
          {#if hangsOn}
            <select
              class="line"
              aria-label={say('manuscript.fieldRow.theAnswerThatBringsIt')}
              value={field.condition?.answer}
              onchange={(event) =>
                set({ condition: { key: hangsOn.field.key, answer: event.currentTarget.value } })}
            >
              {#each hangsOn.answers as answer (answer)}<option value={answer}
                  >{say('manuscript.fieldRow.is', { answer })}</option
                >{/each}
            </select>
          {/if}
        </span>
      {/if}
      <p class="tools">
        <button class="word" type="button" disabled={first} onclick={() => move(-1)}
          >{say('manuscript.fieldRow.up')}</button
        >
        <button class="word" type="button" disabled={last} onclick={() => move(1)}
          >{say('manuscript.fieldRow.down')}</button
        >
        <button class="word" type="button" onclick={remove}>{say('manuscript.fieldRow.takeItOut')}</button>
      </p>
    </div>
  {/if}
</li>

<style>
  li {
    border-top: 1px solid var(--fine-rule);
  }
  .row {
    display: flex;
    align-items: center;
    gap: 14px;
  }
  .row .line {
    flex: 1;
    min-width: 0;
    border-bottom-color: transparent;
    font-size: 16px;
  }
  .row .line:hover,
  .open .row .line {
    border-bottom-color: var(--control);
  }
  .row .word {
    flex: none;
    max-width: 46%;
    min-height: 40px;
    font-size: 14px;
    font-weight: 400;
    text-align: right;
  }
  .rules {
    display: grid;
    grid-template-columns: 150px minmax(0, 1fr);
    gap: 6px 14px;
    align-items: center;
    padding: 4px 0 10px 12px;
    border-left: 3px solid var(--lacquer);
    font-size: 15px;
  }
  .box,
  .tools {
    display: flex;
    grid-column: 1 / -1;
    gap: 10px 22px;
    align-items: center;
    min-height: 40px;
  }
  .hang {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 12px;
  }
  .hang .line {
    flex: 1;
    min-width: 160px;
  }
  .tools .word[disabled] {
    color: var(--pencil);
    opacity: 0.6;
    cursor: default;
  }
  @media (max-width: 720px) {
    .row {
      flex-wrap: wrap;
      gap: 0 14px;
      padding-bottom: 4px;
    }
    .row .line {
      flex-basis: 100%;
    }
    .row .word {
      max-width: 100%;
      min-height: 44px;
      text-align: left;
    }
    .rules {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
