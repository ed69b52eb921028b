<script lang="ts">
  import { Dialog, Portal } from '@skeletonlabs/skeleton-svelte';
  import { untrack } from 'svelte';
  import Cropper from 'svelte-easy-crop';
  import Choice from '../../../parts/Choice.svelte';
  import type { SheetRow } from '../../../sheet';
  import type { SiteState } from '../../../site.svelte';
  import { areaOf, aspectOf, SHAPES, standing, wordsOf, type Area } from './cut';
  import FocusField from './FocusField.svelte';
  import type { FilesState } from './files.svelte';
  import { cut, load, turned } from './print';
  import { say } from '../../../words/say';

  /** Where a picture is cut, turned, mirrored, made lighter, and freed from its ground. Nothing is lost by it. */
  let { site, files, row, close }: { site: SiteState; files: FilesState; row: SheetRow; close: () => void } =
    $props();

  const NEAREST = 8;
  const GROUNDS = [
    { value: 'kept', words: say('facts.pictureDesk.keepIt') },
    { value: 'around', words: say('facts.pictureDesk.takeItAway') },
    { value: 'everywhere', words: say('facts.pictureDesk.insideLettersToo') }
  ];
  const lines = untrack(() => ({ ...row.lines }));
  const isSign = lines['use'] === 'logo' || lines['use'] === 'icon';

  let turn = $state(Number(lines['turn'] || 0));
  let mirrored = $state(lines['mirror'] === 'yes');
  let light = $state(Number(lines['brightness'] || 0));
  let ground = $state(lines['ground'] || 'kept');
  let [x, y] = $state((lines['focus'] || '50,50').split(',').map(Number)) as [number, number];
  let area = $state<Area>(areaOf(lines['crop'] ?? ''));

  let plain = $state.raw<HTMLImageElement>();
  let image = $state.raw<HTMLImageElement>();
  let shape = $state('own');
  let aspect = $state(1);
  let zoom = $state(1);
  let crop = $state({ x: 0, y: 0 });
  let stage = $state<HTMLElement>();
  let printed = $state('');
  let fault = $state('');

  const shapes = $derived(
    lines['crop'] ? [{ value: 'cut', words: say('facts.pictureDesk.asCut') }, ...SHAPES] : SHAPES
  );

  void open();

  async function open(): Promise<void> {
    const view = files.picture(row.id);
    try {
      if (view) plain = await load(files.address(view.plain));
    } catch {
      fault = say('facts.pictureDesk.thePictureCannotBeHad');
    }
    await lay(lines['crop'] ? 'cut' : 'own');
  }

  /** Lays the picture out anew: turned, and in a shape. */
  async function lay(next: string): Promise<void> {
    if (!plain) return;
    image = await load(turned(plain, turn, mirrored));
    shape = next;
    const { naturalWidth: width, naturalHeight: height } = image;
    const kept = next === 'cut' ? areaOf(lines['crop'] ?? '') : null;
    aspect = kept
      ? aspectOf(kept, width, height)
      : SHAPES.find((each) => each.value === next)?.aspect || width / height;
    zoom = 1;
    crop = { x: 0, y: 0 };
    if (kept) requestAnimationFrame(() => requestAnimationFrame(() => stand(kept)));
  }

  /** Brings the cropper to a part, once it has measured the picture. */
  function stand(part: Area): void {
    const shown = stage?.querySelector('img');
    if (!shown) return;
    const at = standing(part, aspect, { width: shown.clientWidth, height: shown.clientHeight });
    zoom = Math.min(NEAREST, at.zoom);
    crop = at.crop;
  }

  /** The cropper has no name of its own. */
  $effect(() => {
    const box = image && stage?.querySelector('.svelte-easy-crop-container');
    if (box) box.setAttribute('aria-label', say('facts.pictureDesk.thePartThatIsShown'));
  });

  $effect(() => {
    if (image) printed = cut(image, area);
  });

  function keys(event: KeyboardEvent): void {
    const moves: Record<string, [number, number]> = {
      ArrowLeft: [10, 0],
      ArrowRight: [-10, 0],
      ArrowUp: [0, 10],
      ArrowDown: [0, -10]
    };
    const move = moves[event.key];
    const nearer = { '+': 0.1, '-': -0.1 }[event.key];
    if (!move && !nearer) return;
    event.preventDefault();
    if (move) crop = { x: crop.x + move[0], y: crop.y + move[1] };
    // The cropper says what it shows whenever it comes nearer or goes away.
    zoom = nearer ? Math.min(NEAREST, Math.max(1, zoom + nearer)) : zoom + (zoom < NEAREST ? 1e-6 : -1e-6);
  }

  function done(): void {
    Object.assign(row.lines, {
      turn: turn ? String(turn) : '',
      mirror: mirrored ? 'yes' : '',
      crop: wordsOf(area),
      brightness: light ? String(light) : '',
      ground: ground === 'kept' ? '' : ground,
      focus: x === 50 && y === 50 ? '' : `${x},${y}`
    });
    site.changed();
    close();
  }
</script>

<Dialog open onOpenChange={(change) => !change.open && close()}>
  <Portal>
    <Dialog.Backdrop class="veil" />
    <Dialog.Positioner class="stand">
      <Dialog.Content class="leaf is-open leaf-dialog picture-desk">
        <Dialog.Title class="h">{say('facts.pictureDesk.cutAndChange')}</Dialog.Title>
        {#if fault}<p class="fault" role="alert">{fault}</p>{/if}
        <div class="desk">
          <div>
            <!-- svelte-ignore a11y_no_static_element_interactions -->
            <div
              class="stage"
              bind:this={stage}
              onkeydown={keys}
              style:filter="brightness({1 + light / 100})"
            >
              {#if image}
                {#key image.src}
                  <Cropper
                    image={image.src}
                    bind:crop
                    bind:zoom
                    {aspect}
                    maxZoom={NEAREST}
                    showGrid={false}
                    tabindex={0}
                    oncropcomplete={(event) => (area = event.percent)}
                  />
                {/key}
              {/if}
            </div>
            <label class="range"
              ><span>{say('facts.pictureDesk.nearer')}</span>
              <input type="range" min="1" max={NEAREST} step="0.05" bind:value={zoom} /></label
            >
          </div>
          <div class="tools">
            <h3>{say('facts.pictureDesk.shape')}</h3>
            <Choice
              label={say('facts.pictureDesk.shape')}
              choices={shapes}
              value={shape}
              choose={(next) => void lay(next)}
            />
            <p class="acts">
              <button
                type="button"
                class="chip-leaf"
                onclick={() => {
                  turn = (turn + 90) % 360;
                  void lay('own');
                }}>{say('facts.pictureDesk.turnIt')}</button
              >
              <button
                type="button"
                class="chip-leaf"
                aria-pressed={mirrored}
                onclick={() => {
                  mirrored = !mirrored;
                  void lay('own');
                }}>{say('facts.pictureDesk.mirrorIt')}</button
              >
            </p>
            <label class="range"
              ><span>{say('facts.pictureDesk.darkerOrLighter')}</span>
              <input type="range" min="-50" max="50" step="5" bind:value={light} />
              <output>{light > 0 ? '+' : ''}{light}</output></label
            >
            {#if isSign}
              <h3>{say('facts.pictureDesk.flatGround')}</h3>
              <Choice
                label={say('facts.pictureDesk.flatGround')}
                choices={GROUNDS}
                value={ground}
                choose={(next) => (ground = next)}
              />
            {:else if printed}
              <h3>{say('facts.pictureDesk.whatMustStayInSight')}</h3>
              <FocusField image={printed} bind:x bind:y {light} />
            {/if}
          </div>
        </div>
        <div class="foot">
          <button class="act main" type="button" onclick={done}>{say('facts.pictureDesk.useItSo')}</button>
          <Dialog.CloseTrigger class="act" type="button"
            >{say('facts.pictureDesk.leaveIt')}</Dialog.CloseTrigger
          >
        </div>
      </Dialog.Content>
    </Dialog.Positioner>
  </Portal>
</Dialog>

<style>
  :global(.leaf-dialog.picture-desk) {
    width: min(860px, calc(100vw - 32px));
    max-width: none;
  }
  .desk {
    display: grid;
    grid-template-columns: minmax(0, 1.25fr) minmax(0, 1fr);
    gap: 24px;
  }
  .stage {
    position: relative;
    height: min(380px, 44vh);
    overflow: hidden;
    background: var(--ground);
  }
  .range {
    display: flex;
    gap: 12px;
    align-items: center;
    min-height: 44px;
    font-size: 15px;
  }
  .range span {
    flex: none;
  }
  .range input {
    flex: 1;
    min-width: 80px;
    accent-color: var(--lacquer);
  }
  output {
    min-width: 2.4em;
    text-align: right;
  }
  h3 {
    margin: 10px 0 4px;
    font-size: 15px;
    color: var(--pencil);
  }
  .tools h3:first-child {
    margin-top: 0;
  }
  .acts {
    display: flex;
    gap: 8px;
    margin: 10px 0 4px;
  }
  .fault {
    color: var(--madder);
  }
  @media (max-width: 720px) {
    .desk {
      grid-template-columns: minmax(0, 1fr);
      gap: 12px;
    }
    .stage {
      height: 38vh;
    }
  }
</style>
