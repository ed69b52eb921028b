<script lang="ts">
  import { onMount, tick } from 'svelte';
  import { notices } from '../../parts/notices';
  import type { DiaryState, Time } from './diary.svelte';
  import { fieldTime, minuteOf } from './lane';

  /** Somebody on the telephone, or at the door: written into the diary. */
  let {
    at,
    diary,
    given = {}
  }: {
    at: Time;
    diary: DiaryState;
    given?: Partial<Record<'name' | 'email' | 'telephone', string>>;
  } = $props();

  let said = $state({
    service: '',
    date: '',
    time: '',
    resource: '',
    name: '',
    telephone: '',
    email: '',
    place: '',
    note: '',
    tells: true
  });
  let fault = $state({ field: '', words: '' });
  let busy = $state(false);

  $effect(() => {
    said.date = at.date;
    said.time = fieldTime(at.minute);
  });
  $effect(() => {
    said.service ||= diary.view?.services[0]?.id ?? '';
  });
  $effect(() => {
    said.name ||= given.name ?? '';
    said.email ||= given.email ?? '';
    said.telephone ||= given.telephone ?? '';
  });

  onMount(() => document.getElementById('in-name')?.focus());

  async function keep(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    const minute = minuteOf(said.time);
    if (busy) return;
    busy = true;
    const problem =
      !said.date || minute === null
        ? { field: 'start', detail: 'Say the day and the time.', status: 422 }
        : await diary.writeIn({
            service: said.service,
            time: { date: said.date, minute },
            minutes: null,
            resource: said.resource,
            name: said.name,
            email: said.email,
            telephone: said.telephone,
            place: said.place,
            note: said.note,
            tells: said.tells && said.email.trim() !== ''
          });
    busy = false;
    fault = { field: problem?.field || 'name', words: problem?.detail ?? '' };
    if (problem) {
      await tick();
      document.getElementById(`in-${fault.field}`)?.focus();
      return;
    }
    diary.doing = { what: 'nothing' };
    notices.info({ title: `${said.name} is in the diary.` });
    await tick();
    document.getElementById(`leaf-${diary.chosen}`)?.focus();
  }
</script>

<svelte:window onkeydown={(event) => event.key === 'Escape' && (diary.doing = { what: 'nothing' })} />

<form class="leaf chosen" onsubmit={keep} aria-labelledby="in-head">
  <h2 id="in-head">Write one in</h2>
  <div class="fields">
    {@render line('name', 'Who', 'text', 'wide')}
    <div class="wide">
      <label for="in-service">What</label>
      <select id="in-service" class="line" bind:value={said.service}>
        {#each diary.view?.services ?? [] as service (service.id)}
          <option value={service.id}>{service.name}, {service.minutes} min</option>
        {/each}
      </select>
    </div>
    {@render line('date', 'Day', 'date')}
    <div>
      <label for="in-start">Time</label>
      <input
        id="in-start"
        class="line"
        type="time"
        step="300"
        bind:value={said.time}
        aria-invalid={fault.field === 'start' ? 'true' : undefined}
        aria-describedby="in-fault"
      />
    </div>
    {#if (diary.view?.resources ?? []).length > 1}
      <div class="wide">
        <label for="in-resource">Who or what carries it out</label>
        <select id="in-resource" class="line" bind:value={said.resource}>
          <option value="">Whoever is free</option>
          {#each diary.view?.resources ?? [] as each (each.id)}<option value={each.id}>{each.name}</option
            >{/each}
        </select>
      </div>
    {/if}
    {@render line('telephone', 'Telephone', 'tel')}
    {@render line('email', 'E-mail', 'email')}
    {@render line('place', 'Where, if not with you', 'text', 'wide')}
    {@render line('note', 'A note for you', 'text', 'wide')}
  </div>
  {#if said.email.trim()}
    <label class="tells"
      ><input type="checkbox" bind:checked={said.tells} /> Send them the appointment by mail</label
    >
  {/if}
  <p class="fault" id="in-fault" role="alert">{fault.words}</p>
  <button class="act" type="submit" disabled={busy}>{busy ? 'Writing …' : 'Write it in'}</button>
  <button class="word" type="button" onclick={() => (diary.doing = { what: 'nothing' })}>Leave it</button>
</form>

{#snippet line(
  field: 'name' | 'date' | 'telephone' | 'email' | 'place' | 'note',
  label: string,
  type: string,
  css = ''
)}
  <div class={css}>
    <label for="in-{field}">{label}</label>
    <input
      id="in-{field}"
      class="line"
      {type}
      dir="auto"
      autocomplete="off"
      bind:value={said[field]}
      aria-invalid={fault.field === field ? 'true' : undefined}
      aria-describedby="in-fault"
    />
  </div>
{/snippet}

<style>
  form {
    padding: 14px 18px;
  }
  .fields {
    display: grid;
    grid-template-columns: repeat(2, minmax(0, 1fr));
    gap: 8px 16px;
    margin-top: 8px;
  }
  .wide {
    grid-column: 1 / -1;
  }
  label {
    color: var(--pencil);
    font-size: 14px;
  }
  .tells {
    display: flex;
    gap: 10px;
    align-items: center;
    min-height: 44px;
    color: var(--ink);
    font-size: 16px;
  }
  .fault {
    min-height: 22px;
    color: var(--madder);
  }
  .word {
    margin-left: 14px;
  }
</style>
