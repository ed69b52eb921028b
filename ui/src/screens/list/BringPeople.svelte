<script lang="ts">
  import type { Brought, ListState } from './list.svelte';
  import { say } from '../../words/say';

  /** Brings people from a file of another program, with how they agreed. */
  let { list }: { list: ListState } = $props();

  const MOST = 4 * 1024 * 1024;

  let agreed = $state('');
  let file = $state.raw<File | null>(null);
  let fault = $state({ field: '', detail: '' });
  let brought = $state.raw<Brought | null>(null);
  let busy = $state(false);

  async function bring(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    if (busy) return;
    brought = null;
    fault = { field: '', detail: '' };
    if (!file) return fail('file', say('list.bringPeople.chooseTheFileFirst'));
    if (file.size > MOST) return fail('file', say('list.bringPeople.thisIsMoreThan4'));
    busy = true;
    const answer = await list.bring(await file.text(), agreed);
    busy = false;
    if (answer.problem) return fail(answer.problem.field || 'file', answer.problem.detail);
    brought = answer.brought ?? null;
    file = null;
    const field = document.getElementById('bring-file') as HTMLInputElement | null;
    if (field) field.value = '';
  }

  function fail(field: string, detail: string): void {
    fault = { field, detail };
    document.getElementById(`bring-${field}`)?.focus();
  }

  function says({ added, known }: Brought): string {
    const came =
      added === 0
        ? say('list.bringPeople.nobodyNewIsOnThe')
        : say('list.bringPeople.onePersonIsOnThe', { count: added });
    const were = known === 0 ? '' : say('list.bringPeople.oneWasBefore', { count: known });
    return came + were;
  }
</script>

<section class="leaf" aria-labelledby="bring-head">
  <h2 id="bring-head">{say('list.bringPeople.bringPeople')}</h2>
  <p class="quiet">
    {say('list.bringPeople.aTableWithTheirAddresses')}
  </p>
  <form onsubmit={bring} novalidate>
    <label for="bring-file">{say('list.bringPeople.theFileCsv')}</label>
    <input
      id="bring-file"
      type="file"
      accept=".csv,.txt,text/csv,text/plain"
      onchange={(event) => (file = event.currentTarget.files?.[0] ?? null)}
      aria-invalid={fault.field === 'file' ? 'true' : undefined}
      aria-describedby="bring-file-fault"
    />
    <p class="fault" id="bring-file-fault" role="alert">{fault.field === 'file' ? fault.detail : ''}</p>
    <label for="bring-agreed">{say('list.bringPeople.howDidTheyAgree')}</label>
    <input
      id="bring-agreed"
      class="line"
      type="text"
      maxlength="400"
      placeholder={say('list.bringPeople.signedTheSheetAtThe')}
      bind:value={agreed}
      aria-invalid={fault.field === 'agreed' ? 'true' : undefined}
      aria-describedby="bring-agreed-fault"
    />
    <p class="fault" id="bring-agreed-fault" role="alert">{fault.field === 'agreed' ? fault.detail : ''}</p>
    <button class="act">{busy ? say('list.bringPeople.bringing') : say('list.bringPeople.bringThem')}</button>
  </form>
  <div role="status">
    {#if brought}
      <p>{says(brought)}</p>
      {#if brought.faults.length > 0}
        <p class="quiet">{say('list.bringPeople.notTaken')}</p>
        <ul>
          {#each brought.faults.slice(0, 20) as each (each.line)}<li>
              {say('list.bringPeople.line', { line: each.line, says: each.says })}
            </li>{/each}
          {#if brought.faults.length > 20}<li>
              {say('list.bringPeople.andMoreLines', { what: brought.faults.length - 20 })}
            </li>{/if}
        </ul>
      {/if}
    {/if}
  </div>
</section>

<style>
  section {
    padding: 14px 18px 12px;
  }
  form {
    display: grid;
    gap: 2px;
    margin-top: 8px;
  }
  label {
    font-weight: 700;
  }
  input[type='file'] {
    width: 100%;
    min-height: 44px;
    padding: 8px 0;
    font: inherit;
    font-size: 15px;
  }
  .act {
    justify-self: start;
    margin-top: 8px;
  }
  .fault {
    color: var(--madder);
    font-size: 15px;
  }
  ul {
    margin: 4px 0 0;
    padding-left: 18px;
    font-size: 15px;
    overflow-wrap: anywhere;
  }
</style>
