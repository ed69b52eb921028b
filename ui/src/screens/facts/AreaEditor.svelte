<script lang="ts">
  import { api } from '../../api/client';
  import type { components } from '../../api/schema';
  import type { SiteState } from '../../site.svelte';
  import TypedLine from '../opening/TypedLine.svelte';
  import { say } from '../../words/say';

  /** Where the business comes to, and the question visitors ask of it. */
  let { site, placeholder }: { site: SiteState; placeholder: string } = $props();

  let place = $state('');
  let answer = $state<(components['schemas']['ComesToView'] & { place: string }) | null>(null);

  async function ask(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    const asked = place.trim();
    if (!asked || !site.view) return;
    await site.keep();
    const { data } = await api.GET('/api/sites/{id}/comes-to', {
      params: { path: { id: site.view.id }, query: { place: asked } }
    });
    answer = data ? { ...data, place: asked } : null;
  }

  /** Enter answers, and does not close the row. */
  function answerHere(event: KeyboardEvent): void {
    if (event.key === 'Enter') event.stopPropagation();
  }

  const says = $derived.by(() => {
    if (!answer) return '';
    const far = answer.metres
      ? say('facts.areaEditor.kmAway', { what: (answer.metres / 1000).toFixed(1) })
      : '';
    return {
      YES: say('facts.areaEditor.yesAVisitorInIs', { place: answer.place, far }),
      NO: say('facts.areaEditor.noLiesOutside', { place: answer.place, far }),
      ASK: say('facts.areaEditor.aVisitorIsAskedTo', { place: answer.place, far })
    }[answer.answer];
  });
</script>

<label class="hidden-words" for="area">{say('facts.areaEditor.comesTo')}</label>
<TypedLine {site} field="area" {placeholder} />
<form onsubmit={ask}>
  <label for="comes-to">{say('facts.areaEditor.doYouComeTo')}</label>
  <input
    id="comes-to"
    class="line"
    bind:value={place}
    placeholder={say('facts.areaEditor.aVillageOrAStreet')}
    onkeydown={answerHere}
  />
  <button class="word" type="submit">{say('facts.areaEditor.tryIt')}</button>
</form>
<p class="quiet" aria-live="polite">{says}</p>

<style>
  form {
    display: flex;
    gap: 12px;
    align-items: baseline;
    max-width: 420px;
    margin-top: 10px;
  }
  label {
    flex: none;
    color: var(--pencil);
    font-size: 15px;
  }
  form .line {
    border-bottom-color: var(--rule);
    font-size: 15px;
  }
</style>
