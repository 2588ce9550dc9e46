<script lang="ts">
  import { minutes } from '../../lib/minutes';
  import Tape from '../../tape/Tape.svelte';
  import { INCH, type Piece, piecesOf, tearsOf } from '../../tape/tape';
  import type { Chair } from './chair.svelte';

  const { chair }: { chair: Chair } = $props();

  let width = $state(1200);
  const total = $derived(chair.plan?.totalMs ?? 0);
  const end = $derived(Math.max(total, chair.child?.promiseMs ?? 0, chair.plan?.eightOfTenMs ?? 0) + 12_000);
  const scale = $derived(Math.min(INCH * 3, ((width - 4) * 60_000) / Math.max(end, 1)));
  const pieces = $derived.by((): Piece[] => {
    const { plan, child, step } = chair;
    const states = new Map(child?.steps.map((one) => [one.stepId, one.status]));

    return piecesOf(plan?.spans ?? [], plan?.steps ?? []).map((piece) => {
      const status = states.get(piece.step ?? '');
      const state = status === 'pending' ? (piece.step === step?.id ? 'current' : 'ahead') : status;

      return state === undefined ? piece : { ...piece, state };
    });
  });
  const promise = $derived(chair.child?.promiseMs ?? null);
  const softEnd = $derived.by(() => {
    const length = (chair.plan?.eightOfTenMs ?? 0) - total;

    return length > 0 ? { from: total, length } : null;
  });
</script>

<div class="shrink-0 border-t-2 border-ink bg-card px-3 pt-2 pb-3 sm:px-5">
  <div class="overflow-hidden" bind:clientWidth={width}>
    {#if chair.plan !== undefined}
      <Tape
        {pieces}
        to={end}
        label="{chair.plan.name}, {minutes(total)} planned, step {chair.stepIndex + 1} of {chair.plan.steps
          .length}"
        pixelsPerMinute={scale}
        height={width < 600 ? 40 : 54}
        words={width < 600 ? 'none' : 'above'}
        hook={chair.hook()}
        tears={tearsOf(chair.plan.spans, chair.plan.stops)}
        {softEnd}
        mark={promise === null ? null : { at: promise, text: `promised ${minutes(promise)}` }}
      />
    {:else}
      <Tape
        pieces={[]}
        to={((width - 4) / INCH) * 60_000}
        label="An empty tape"
        pixelsPerMinute={INCH}
        height={20}
        words="none"
      />
    {/if}
  </div>
</div>
