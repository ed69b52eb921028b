<script lang="ts">
  import Row from '../../parts/Row.svelte';
  import AnswerLine from '../../parts/AnswerLine.svelte';
  import type { SiteState } from '../../site.svelte';
  import LinksEditor from '../facts/LinksEditor.svelte';
  import PracticesEditor from '../facts/PracticesEditor.svelte';
  import TypedLine from './TypedLine.svelte';
  import { say } from '../../words/say';

  /** What makes the page stronger if it is true. All of it can be skipped. */
  let { site }: { site: SiteState } = $props();
</script>

<section class="leaf waits proof" aria-labelledby="proof-heading">
  <h2 id="proof-heading">{say('opening.proof.worthSayingIfItIs')}</h2>
  <p class="quiet">{say('opening.proof.skipWhatDoesNotFit')}</p>
  <div class="questions"><PracticesEditor {site} few /></div>
  <Row label={say('opening.proof.whoPeopleMeet')} for="person"
    ><TypedLine
      {site}
      field="person"
      placeholder={say('opening.proof.yourOwnName')}
      autocomplete="name"
    /></Row
  >
  <Row label={say('opening.proof.since')} for="founded"
    ><TypedLine {site} field="founded" placeholder={say('opening.proof.theYearYouBegan')} /></Row
  >
  <Row label={say('opening.proof.youAnswer')} for="promise"
    ><TypedLine {site} field="promise" placeholder={say('opening.proof.byTheNextWorkingMorning')} /></Row
  >
  <Row label={say('opening.proof.memberOf')} for="membership">
    <div class="membership">
      <input
        id="membership"
        class="line"
        placeholder={say('opening.proof.aGuildOrARegister')}
        dir="auto"
        bind:value={site.sheet.lines['membership/body']}
        oninput={() => site.changed()}
      />
      <label class="hidden-words" for="membership-number">{say('opening.proof.memberNumber')}</label>
      <input
        id="membership-number"
        class="line"
        placeholder={say('opening.proof.number')}
        bind:value={site.sheet.lines['membership/number']}
        oninput={() => site.changed()}
      />
      <label class="hidden-words" for="membership-until">{say('opening.proof.validUntil')}</label>
      <input
        id="membership-until"
        class="line"
        placeholder={say('opening.proof.until202706')}
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
  <Row label={say('opening.proof.inYourOwnWords')} for="words">
    <textarea
      id="words"
      class="line"
      rows="3"
      dir="auto"
      placeholder={say('opening.proof.whatSetsYouApartHow')}
      bind:value={site.sheet.lines.words}
      oninput={() => site.changed()}
      aria-describedby="words-answer"></textarea>
    <AnswerLine id="words-answer" answer={site.view?.answers['words']} typed={site.sheet.lines.words} />
  </Row>
  <Row label={say('opening.proof.yourPagesElsewhere')}>
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
