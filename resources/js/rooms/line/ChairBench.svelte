<script lang="ts">
  import type { DaySummary, LineBoard } from '../../api/types.gen';
  import FaceMap from '../../facemap/FaceMap.svelte';
  import { lookOf } from '../../facemap/looks';
  import Lanes from '../../line/Lanes.svelte';
  import type { Chair } from './chair.svelte';
  import ChairChoice from './ChairChoice.svelte';
  import ChairEndings from './ChairEndings.svelte';
  import ChairKeys from './ChairKeys.svelte';
  import FaceTape from './FaceTape.svelte';
  import LineWord from './LineWord.svelte';
  import Quicker from './Quicker.svelte';
  import StepNow from './StepNow.svelte';

  const { chair, board, days }: { chair: Chair; board: LineBoard; days: DaySummary[] } = $props();

  let asking = $state(false);

  const keys: Record<string, () => void> = {
    ' ': () => chair.press(),
    u: () => chair.undo(),
    p: () => chair.togglePause(),
    s: () => chair.skip(),
    q: () => (asking = chair.step !== undefined),
  };

  /** The pedal is the space bar: in this room it always means the big button, whatever was touched last. */
  function onkey(event: KeyboardEvent) {
    const typing = event.target instanceof Element && event.target.closest('input, select, textarea, dialog');
    const act = keys[event.key.toLowerCase()];
    if (typing || act === undefined || event.ctrlKey || event.metaKey || event.altKey) {
      return;
    }
    event.preventDefault();
    if (event.type === 'keydown' && !event.repeat) {
      act();
    }
  }
</script>

<svelte:window onkeydown={onkey} onkeyup={onkey} />

<div class="flex grow flex-col md:h-[calc(100dvh-3.4rem)] md:min-h-[660px]">
  <Lanes line={chair.line} {board} chairs={[chair.number()]} height={46} />

  <div
    class="grid min-h-0 grow content-start md:grid-cols-[minmax(220px,29%)_1fr_minmax(250px,22%)] md:content-stretch"
  >
    <div class="flex min-h-0 flex-col px-3 pt-1 md:border-r md:border-seam md:px-5">
      <ChairChoice {chair} {board} {days} />
      <div class="hidden min-h-0 grow items-center py-2 md:flex">
        {#if chair.plan !== undefined}
          <FaceMap
            title={chair.plan.name}
            placement={chair.plan.placement}
            steps={chair.shownSteps}
            painted={chair.paintedSteps}
            skipped={chair.skippedSteps}
            ghosts
            current={chair.step}
            look={lookOf(chair.child?.id ?? chair.plan.id)}
            eyesShut={chair.step?.shut === 'eyes' || chair.step?.shut === 'both'}
            readOut={false}
          />
        {/if}
      </div>
    </div>
    <StepNow {chair} {board} />
    <div
      class="flex min-h-0 flex-col gap-4 border-t border-seam p-4 max-md:sticky max-md:bottom-0 max-md:z-10 max-md:border-t-2 max-md:bg-card md:border-t-0 md:border-l"
    >
      <LineWord {chair} {board} />
      <ChairKeys {chair} quicker={() => (asking = true)} />
      <div class="max-md:hidden"><ChairEndings {chair} quicker={() => (asking = true)} /></div>
    </div>
  </div>

  <FaceTape {chair} />
  <Quicker {chair} bind:open={asking} />
  <div class="bg-card p-4 md:hidden"><ChairEndings {chair} /></div>
</div>
