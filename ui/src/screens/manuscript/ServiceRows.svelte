<script lang="ts">
  import { tick } from 'svelte';
  import type { ServiceRow } from '../../api/client';
  import type { Item, Section } from '../../document/types';
  import AnswerLine from '../../parts/AnswerLine.svelte';
  import { getDesk } from './desk';
  import type { ManuscriptState } from './manuscript.svelte';
  import { say } from '../../words/say';

  /** Rows of services. A row is the fact itself: what is typed here changes it everywhere. */
  let { manuscript, section }: { manuscript: ManuscriptState; section: Section } = $props();

  const desk = getDesk();

  interface Row {
    item: Item;
    service: ServiceRow;
  }

  const LINES = ['name', 'summary', 'minutes', 'price'] as const;
  const WORDS = {
    name: say('manuscript.serviceRows.name'),
    summary: say('manuscript.serviceRows.inASentence'),
    minutes: say('manuscript.serviceRows.time'),
    price: say('manuscript.serviceRows.price')
  };
  const HINTS = {
    name: say('manuscript.serviceRows.whatIsItCalled'),
    summary: say('manuscript.serviceRows.whatItIncludes'),
    minutes: say('manuscript.serviceRows.howLong'),
    price: say('manuscript.serviceRows.giveOne')
  };

  let at = $state('');

  const rows = $derived<Row[]>(
    section.items.flatMap((item) => {
      const service = manuscript.view?.services.find((each) => `service/${each.typed.id}` === item.fact);
      return service ? [{ item, service }] : [];
    })
  );

  /** What was typed while it is being typed; what it was read as when it is left. */
  function value(row: Row, line: (typeof LINES)[number]): string {
    const key = `${row.service.typed.id}/${line}`;
    const answer = row.service.answers[line];
    const said = at !== key && answer?.state === 'READ' && line !== 'name' ? answer.says : '';
    return manuscript.typedLine(`service/${key}`) ?? (said || row.service.typed[line]);
  }

  function type(row: Row, line: string, words: string): void {
    manuscript.typeLine(`service/${row.service.typed.id}/${line}`, words);
  }

  async function add(): Promise<void> {
    const id = crypto.randomUUID();
    const last = rows[rows.length - 1]?.service.typed.id ?? '';
    manuscript.edit({
      kind: 'putService',
      service: {
        id,
        usual: '',
        name: say('manuscript.serviceRows.newService'),
        summary: '',
        price: '',
        minutes: ''
      },
      after: last
    });
    await manuscript.keep();
    await tick();
    const name = document.getElementById(`service-${id}-name`) as HTMLInputElement | null;
    name?.focus();
    name?.select();
  }
</script>

<ul class="rows" aria-label={say('manuscript.serviceRows.services')}>
  {#each rows as row (row.item.id)}
    {@const name = row.service.typed.name || say('manuscript.serviceRows.thisService')}
    <li class:is-hidden={row.item.hidden} data-item={row.item.id}>
      <div class="row">
        {#each LINES as line (line)}
          {@const id = `service-${row.service.typed.id}-${line}`}
          <label class="hidden-words" for={id}
            >{say('manuscript.serviceRows.of', { what: WORDS[line], name })}</label
          >
          <input
            {id}
            class="cell {line}"
            dir="auto"
            autocomplete="off"
            placeholder={HINTS[line]}
            value={value(row, line)}
            oninput={(event) => type(row, line, event.currentTarget.value)}
            onfocus={() => {
              at = `${row.service.typed.id}/${line}`;
              desk.inRow(section.id, row.item.id);
            }}
            onblur={() => {
              at = '';
              void manuscript.keep();
            }}
            aria-invalid={row.service.answers[line]?.state === 'REFUSED' ? 'true' : undefined}
            aria-describedby="{id}-answer"
          />
        {/each}
      </div>
      {#each LINES as line (line)}
        <AnswerLine
          id="service-{row.service.typed.id}-{line}-answer"
          answer={row.service.answers[line]?.state === 'READ' ? undefined : row.service.answers[line]}
          typed={value(row, line)}
          take={(words) => type(row, line, words)}
        />
      {/each}
    </li>
  {/each}
</ul>
<button class="word another" type="button" onclick={add}>{say('manuscript.serviceRows.addAService')}</button>

<style>
  .rows {
    margin: 12px 0 4px;
    padding: 0;
    list-style: none;
  }
  li {
    position: relative;
    border-top: 1px solid var(--fine-rule);
    padding: 2px 0;
  }
  li:last-child {
    border-bottom: 1px solid var(--fine-rule);
  }
  .is-hidden .cell {
    opacity: 0.6;
    text-decoration: line-through;
  }
  .row {
    display: grid;
    grid-template-columns: minmax(0, 1.1fr) minmax(0, 2fr) 76px 96px;
    gap: 0 10px;
  }
  .cell {
    min-width: 0;
    min-height: 34px;
    padding: 2px 6px;
    margin-left: -6px;
    border: 0;
    border-radius: 2px;
    background: transparent;
    color: var(--ink);
    font-size: 15px;
    text-overflow: ellipsis;
  }
  .cell:hover {
    background: var(--well);
  }
  .cell:focus {
    outline: 0;
    background: var(--sheet);
    box-shadow: 0 0 0 2px var(--lacquer);
  }
  .cell[aria-invalid='true'] {
    box-shadow: 0 0 0 2px var(--madder);
  }
  .cell::placeholder {
    color: var(--pencil);
    opacity: 1;
  }
  .name {
    font-weight: 700;
  }
  .minutes {
    color: var(--pencil);
    text-align: right;
  }
  .price {
    text-align: right;
  }
  .price::placeholder {
    color: var(--brass);
    font-weight: 700;
  }
  @media (max-width: 720px) {
    .row {
      grid-template-columns: minmax(0, 1fr) 96px;
    }
    .cell {
      min-height: 44px;
    }
    .name {
      order: 1;
    }
    .price {
      order: 2;
    }
    .summary {
      order: 3;
    }
    .minutes {
      order: 4;
    }
  }
</style>
