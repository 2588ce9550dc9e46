<script lang="ts">
  import FaceMap from '../facemap/FaceMap.svelte';
  import { minutes } from '../lib/minutes';
  import { INCH, piecesOf } from '../tape/tape';
  import Tape from '../tape/Tape.svelte';
  import type { TypedList } from './typed.svelte';

  const { typed }: { typed: TypedList } = $props();

  const reading = $derived(typed.reading);
  let width = $state(0);
  /** A true inch a minute while there is room for it. */
  const scale = $derived(
    reading === null || reading.totalMs === 0 || width === 0
      ? INCH
      : Math.min(INCH, ((width - 4) * 60_000) / reading.totalMs),
  );
</script>

{#if reading === null || reading.steps === 0}
  <p class="text-soft">The tape and the face show here what the lines come to.</p>
{:else}
  <div class="flex items-start gap-4">
    <div class="h-44 w-32 shrink-0 sm:h-56 sm:w-44">
      <FaceMap title="What the lines come to" placement={reading.placement} steps={typed.steps} />
    </div>
    <div class="min-w-0 grow">
      <p class="minutes text-5xl">{minutes(reading.totalMs)}</p>
      <p class="text-soft">
        {reading.steps}
        {reading.steps === 1 ? 'step' : 'steps'}{typed.questions === 0
          ? ''
          : `, ${typed.questions} ${typed.questions === 1 ? 'question' : 'questions'}`}
      </p>
      <div class="mt-2 overflow-hidden" bind:clientWidth={width}>
        <Tape
          pieces={piecesOf(reading.spans, typed.steps)}
          to={reading.totalMs}
          label="The lines as a tape, {minutes(reading.totalMs)}"
          pixelsPerMinute={scale}
          height={44}
          words="none"
        />
      </div>
    </div>
  </div>
  {#if reading.steps > reading.mostSteps}
    <p class="mt-2 border-l-[6px] border-rust pl-3 font-semibold">
      These are {reading.steps} steps, and a design holds {reading.mostSteps}. Make several designs of them:
      nothing is lost meanwhile.
    </p>
  {/if}
{/if}
