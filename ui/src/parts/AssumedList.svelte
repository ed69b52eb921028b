<script lang="ts">
  import { say } from '../words/say';

  interface Assumed {
    key: string;
    words: string;
    denied: boolean;
  }

  /** What is taken from the trade until the owner says otherwise, each with "not so". */
  let { all, turn }: { all: readonly Assumed[]; turn: (key: string, denied: boolean) => void } = $props();
</script>

<ul>
  {#each all as assumed (assumed.key)}
    <li>
      <span class:denied={assumed.denied}>{assumed.words}</span>
      <button
        class="word"
        type="button"
        aria-pressed={assumed.denied}
        onclick={() => turn(assumed.key, !assumed.denied)}
        >{assumed.denied ? say('parts.assumedList.itIsSo') : say('parts.assumedList.notSo')}<span
          class="hidden-words">: {assumed.words}</span
        ></button
      >
    </li>
  {/each}
</ul>

<style>
  ul {
    margin: 4px 0 0;
    padding: 0;
    list-style: none;
  }
  li {
    display: flex;
    justify-content: space-between;
    align-items: center;
    gap: 12px;
    min-height: 44px;
    border-top: 1px solid var(--fine-rule);
    font-size: 15px;
  }
  .denied {
    color: var(--pencil);
    text-decoration: line-through;
  }
</style>
