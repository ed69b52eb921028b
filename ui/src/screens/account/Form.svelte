<script lang="ts">
  import type { Snippet } from 'svelte';
  import { problemOf } from '../../api/client';

  interface Field {
    key: string;
    label: string;
    type: string;
    autocomplete: string;
    hint?: string;
  }

  /** A short form of an account: its fields, its act, and what came of it. */
  let {
    title,
    level = 2,
    fields,
    act,
    done,
    send,
    children
  }: {
    title: string;
    level?: 1 | 2;
    fields: Field[];
    act: string;
    done: string;
    send: (values: Record<string, string>) => Promise<{ error?: unknown; response: Response }>;
    children?: Snippet;
  } = $props();

  const name = $derived(title.toLowerCase().replace(/[^a-z]+/g, '-'));
  let values = $state<Record<string, string>>({});
  let fault = $state({ field: '', detail: '' });
  let busy = $state(false);
  let isDone = $state(false);

  async function submit(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    if (busy) return;
    busy = true;
    isDone = false;
    fault = { field: '', detail: '' };
    try {
      const { error, response } = await send(
        Object.fromEntries(fields.map(({ key }) => [key, values[key] ?? '']))
      );
      if (response.ok) {
        isDone = true;
        values = {};
      } else {
        fault = problemOf(error, response);
        document.getElementById(`${name}-${fault.field}`)?.focus();
      }
    } finally {
      busy = false;
    }
  }
</script>

<form class="leaf" class:chosen={level === 1} onsubmit={submit} novalidate>
  <svelte:element this={level === 1 ? 'h1' : 'h2'}>{title}</svelte:element>
  {@render children?.()}
  {#each fields as field (field.key)}
    {@const wrong = fault.field === field.key}
    <label for="{name}-{field.key}">{field.label}</label>
    <input
      id="{name}-{field.key}"
      class="line"
      type={field.type}
      autocomplete={field.autocomplete as 'email'}
      bind:value={values[field.key]}
      aria-invalid={wrong ? 'true' : undefined}
      aria-describedby="{name}-{field.key}-note"
    />
    <p id="{name}-{field.key}-note" class={wrong ? 'fault' : 'quiet'}>
      {wrong ? fault.detail : (field.hint ?? '')}
    </p>
  {/each}
  {#if fault.detail && !fields.some((field) => field.key === fault.field)}
    <p class="fault" role="alert">{fault.detail}</p>
  {/if}
  {#if isDone}<p class="is-done" role="status">{done}</p>{/if}
  <button class="act" class:main={level === 1} type="submit" disabled={busy}>{act}</button>
</form>

<style>
  form {
    display: grid;
    gap: 4px;
    padding: 20px 24px 22px;
    overflow-wrap: anywhere;
  }
  label {
    margin-top: 10px;
    font-weight: 700;
  }
  .fault {
    color: var(--madder);
    font-size: 15px;
  }
  .is-done {
    color: var(--verdigris);
    font-weight: 700;
  }
  .act {
    justify-self: start;
    margin-top: 10px;
  }
</style>
