<script lang="ts">
  import { say } from '../../../words/say';

  /** What must stay in sight when a picture is cropped by a narrow or a wide place: a place on it, and two trials. */
  let {
    image,
    x = $bindable(),
    y = $bindable(),
    light
  }: { image: string; x: number; y: number; light: number } = $props();

  const STEP = 5;
  let frame = $state<HTMLElement>();

  function at(event: PointerEvent): void {
    const box = frame?.getBoundingClientRect();
    if (!box) return;
    x = bounded(((event.clientX - box.left) / box.width) * 100);
    y = bounded(((event.clientY - box.top) / box.height) * 100);
  }

  function bounded(value: number): number {
    return Math.round(Math.min(100, Math.max(0, value)));
  }

  function keys(event: KeyboardEvent): void {
    const moves: Record<string, [number, number]> = {
      ArrowLeft: [-STEP, 0],
      ArrowRight: [STEP, 0],
      ArrowUp: [0, -STEP],
      ArrowDown: [0, STEP]
    };
    const move = moves[event.key];
    if (!move) return;
    event.preventDefault();
    x = bounded(x + move[0]);
    y = bounded(y + move[1]);
  }
</script>

<div class="focus">
  <!-- svelte-ignore a11y_no_static_element_interactions -->
  <div
    class="frame"
    bind:this={frame}
    onpointerdown={(event) => {
      event.currentTarget.setPointerCapture(event.pointerId);
      at(event);
    }}
    onpointermove={(event) => event.buttons && at(event)}
  >
    <img src={image} alt="" style:filter="brightness({1 + light / 100})" draggable="false" />
    <button type="button" style:left="{x}%" style:top="{y}%" onkeydown={keys}
      ><span class="hidden-words">{say('facts.focusField.whatMustStayInSight', { x, y })}</span></button
    >
  </div>
  <div class="trial wide" aria-hidden="true">
    <img src={image} alt="" style:object-position="{x}% {y}%" style:filter="brightness({1 + light / 100})" />
  </div>
  <div class="trial tall" aria-hidden="true">
    <img src={image} alt="" style:object-position="{x}% {y}%" style:filter="brightness({1 + light / 100})" />
  </div>
</div>

<style>
  .focus {
    display: flex;
    flex-wrap: wrap;
    gap: 10px;
    align-items: flex-start;
  }
  .frame {
    position: relative;
    touch-action: none;
    cursor: crosshair;
  }
  .frame img {
    display: block;
    max-width: min(160px, 36vw);
    max-height: 130px;
  }
  button {
    position: absolute;
    width: 28px;
    height: 28px;
    margin: -14px 0 0 -14px;
    border: 3px solid var(--sheet);
    border-radius: 50%;
    background: none;
    box-shadow:
      0 0 0 2px var(--ink),
      inset 0 0 0 2px var(--ink);
    cursor: move;
  }
  .trial {
    flex: none;
    overflow: hidden;
    border: 1px solid var(--rule);
  }
  .trial img {
    display: block;
    width: 100%;
    height: 100%;
    object-fit: cover;
  }
  .wide {
    width: 110px;
    height: 44px;
  }
  .tall {
    width: 54px;
    height: 96px;
  }
</style>
