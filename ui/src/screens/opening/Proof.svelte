<script lang="ts">
  import Row from '../../parts/Row.svelte';
  import AnswerLine from '../../parts/AnswerLine.svelte';
  import type { SiteState } from '../../site.svelte';
  import LinksEditor from '../facts/LinksEditor.svelte';
  import PracticesEditor from '../facts/PracticesEditor.svelte';
  import TypedLine from './TypedLine.svelte';

  /** What makes the page stronger if it is true. All of it can be skipped. */
  let { site }: { site: SiteState } = $props();
</script>

<section class="leaf waits proof" aria-labelledby="proof-heading">
  <h2 id="proof-heading">Worth saying, if it is true</h2>
  <p class="quiet">Skip what does not fit. Nothing is said on the page that you have not said here.</p>
  <div class="questions"><PracticesEditor {site} few /></div>
  <Row label="Who people meet" for="person"
    ><TypedLine {site} field="person" placeholder="Your own name" autocomplete="name" /></Row
  >
  <Row label="Since" for="founded"><TypedLine {site} field="founded" placeholder="The year you began" /></Row>
  <Row label="You answer" for="promise"
    ><TypedLine {site} field="promise" placeholder="by the next working morning" /></Row
  >
  <Row label="Member of" for="membership">
    <div class="membership">
      <input
        id="membership"
        class="line"
        placeholder="A guild or a register"
        dir="auto"
        bind:value={site.sheet.lines['membership/body']}
        oninput={() => site.changed()}
      />
      <label class="hidden-words" for="membership-number">Member number</label>
      <input
        id="membership-number"
        class="line"
        placeholder="number"
        bind:value={site.sheet.lines['membership/number']}
        oninput={() => site.changed()}
      />
      <label class="hidden-words" for="membership-until">Valid until</label>
      <input
        id="membership-until"
        class="line"
        placeholder="until 2027-06"
        bind:value={site.sheet.lines['membership/until']}
        oninput={() => site.changed()}
      />
    </div>
    <AnswerLine
      id="membership-answer"
      answer={site.view?.answers['membership']}
      typed={site.sheet.lines['membership/until']}
    />
  </Row>
  <Row label="In your own words" for="words">
    <textarea
      id="words"
      class="line"
      rows="3"
      dir="auto"
      placeholder="What sets you apart? How did it begin? It stands on the page just as you write it."
      bind:value={site.sheet.lines.words}
      oninput={() => site.changed()}
      aria-describedby="words-answer"></textarea>
    <AnswerLine id="words-answer" answer={site.view?.answers['words']} typed={site.sheet.lines.words} />
  </Row>
  <Row label="Your pages elsewhere">
    <LinksEditor {site} />
  </Row>
</section>

<style>
  .proof {
    margin-top: 16px;
    padding: 16px 24px 10px;
  }
  .questions {
    margin-top: 10px;
    border-top: 1px solid var(--fine-rule);
  }
  .membership {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 90px 130px;
    gap: 14px;
  }
  @media (max-width: 720px) {
    .proof {
      padding: 14px 16px 8px;
    }
    .membership {
      grid-template-columns: 1fr 1fr;
    }
    .membership input:first-child {
      grid-column: 1 / -1;
    }
  }
</style>
