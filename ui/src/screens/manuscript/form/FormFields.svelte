<script lang="ts">
  import { tick } from 'svelte';
  import type { Edit } from '../../../document/edits';
  import type { ManuscriptState } from '../manuscript.svelte';
  import FieldRow from './FieldRow.svelte';
  import { addable, added, changed, moved, without, type Field, type Form } from './form';
  import { say } from '../../../words/say';

  /** What a form asks, built where it stands: each field as its visitors read it, its rules beneath. */
  let { manuscript, section }: { manuscript: ManuscriptState; section: string } = $props();

  const place = $derived(`form/${section}`);
  const view = $derived(manuscript.view?.forms[section]);
  const kinds = $derived(manuscript.view?.fieldKinds.filter((each) => view?.kinds.includes(each.kind)) ?? []);
  const waiting = $derived(
    manuscript.outbox.items.findLast((item) => item.place === place || isOf(item.edit))
  );
  const form = $derived<Form | undefined>(
    waiting?.edit.kind === 'setForm' && !waiting.edit.usual
      ? (waiting.edit.form as Form)
      : (view?.form as Form | undefined)
  );
  const reason = $derived(waiting?.state === 'refused' ? waiting.reason : '');
  let opened = $state('');

  function isOf(edit: Edit): boolean {
    return edit.kind === 'setForm' && edit.section === section;
  }

  function edit(other: Form, usual = false): Edit {
    return { kind: 'setForm', section, form: other, usual } as Edit;
  }

  /** Words are sent after a pause, all else at once. */
  function set(other: Form, typing = false): void {
    if (typing) manuscript.outbox.type(place, edit(other));
    else manuscript.edit(edit(other));
  }

  async function add(kind: string): Promise<void> {
    const chosen = kinds.find((each) => each.kind === kind);
    if (!form || !chosen) return;
    const next = added(form, chosen);
    const key = next.fields.at(-1)?.key ?? '';
    set(next);
    opened = key;
    await tick();
    document.getElementById(`label-${section}-${key}`)?.focus();
  }

  /** All fields at once; one step of undo brings the others back. */
  function begin(kind: string): void {
    const chosen = view?.starts.find((each) => each.start === kind);
    if (!chosen || !form) return;
    opened = '';
    set({ ...(chosen.form as Form), thanks: form.thanks, confirms: form.confirms });
  }

  async function remove(field: Field): Promise<void> {
    if (!form) return;
    const at = form.fields.indexOf(field);
    const next = form.fields[at + 1] ?? form.fields[at - 1];
    set(without(form, field.key));
    await tick();
    document.getElementById(`label-${section}-${next?.key}`)?.focus();
  }
</script>

{#if form && view}
  <div class="form">
    <p class="what"><b>{say('manuscript.formFields.whatItAsks')}</b></p>
    <ol>
      {#each form.fields as field, index (field.key)}
        <FieldRow
          id="{section}-{field.key}"
          {field}
          {form}
          {kinds}
          open={opened === field.key}
          first={index === 0}
          last={index === form.fields.length - 1}
          toggle={() => (opened = opened === field.key ? '' : field.key)}
          set={(other, typing) => set(changed(form, field.key, other), typing)}
          move={(by) => set(moved(form, field.key, by))}
          remove={() => remove(field)}
        />
      {/each}
    </ol>
    {#if reason}<p class="fault" role="alert">{reason}</p>{/if}
    <p class="more">
      <label for="add-{section}">{say('manuscript.formFields.askForMore')}</label>
      <select
        id="add-{section}"
        class="line"
        value=""
        onchange={(event) => {
          void add(event.currentTarget.value);
          event.currentTarget.value = '';
        }}
      >
        <option value="">{say('manuscript.formFields.choose')}</option>
        {#each addable(form, kinds) as kind (kind.kind)}<option value={kind.kind}>{kind.words}</option>{/each}
      </select>
      {#if !view.usual}
        <button class="word" type="button" onclick={() => manuscript.edit(edit(form, true))}
          >{say('manuscript.formFields.asItWasAtFirst')}</button
        >
      {/if}
    </p>
    {#if view.starts.length > 0}
      <p class="more">
        <label for="start-{section}">{say('manuscript.formFields.beginAgainWith')}</label>
        <select
          id="start-{section}"
          class="line"
          value=""
          onchange={(event) => {
            begin(event.currentTarget.value);
            event.currentTarget.value = '';
          }}
        >
          <option value="">{say('manuscript.formFields.choose')}</option>
          {#each view.starts as start (start.start)}<option value={start.start}>{start.words}</option>{/each}
        </select>
      </p>
    {/if}
    <label class="after" for="thanks-{section}">{say('manuscript.formFields.afterSendingTheyRead')}</label>
    <textarea
      id="thanks-{section}"
      class="line"
      rows="2"
      maxlength="500"
      placeholder={view.usualThanks}
      value={form.thanks}
      oninput={(event) => set({ ...form, thanks: event.currentTarget.value }, true)}></textarea>
    {#if view.canConfirm}
      <label class="box">
        <input
          type="checkbox"
          checked={form.confirms}
          onchange={(event) => set({ ...form, confirms: event.currentTarget.checked })}
        />
        {say('manuscript.formFields.sendTheSameWordsBy')}
      </label>
    {/if}
  </div>
{/if}

<style>
  .form {
    margin-top: 10px;
  }
  .what {
    margin-bottom: 4px;
  }
  ol {
    margin: 0;
    padding: 0;
    list-style: none;
    border-bottom: 1px solid var(--fine-rule);
  }
  .fault {
    margin-top: 6px;
    color: var(--madder);
  }
  .more {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 4px 14px;
    margin: 8px 0;
  }
  .more .line {
    width: 200px;
  }
  .after {
    display: block;
    margin-top: 10px;
    font-weight: 700;
  }
  .box {
    display: flex;
    align-items: center;
    gap: 10px;
    min-height: 40px;
  }
</style>
