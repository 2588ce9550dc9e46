<script lang="ts">
  import type { DesignTape, SpanKind } from '../../../api/types.gen';
  import FaceMap from '../../../facemap/FaceMap.svelte';
  import { lookOf } from '../../../facemap/looks';
  import { minutes } from '../../../lib/minutes';
  import Tape from '../../../tape/Tape.svelte';
  import { piecesOf } from '../../../tape/tape';

  const { pair, dismiss }: { pair: readonly DesignTape[]; dismiss: () => void } = $props();

  let width = $state(900);
  const longest = $derived(Math.max(60_000, ...pair.map((design) => design.totalMs)));
  const scale = $derived(((width - 4) * 60_000) / longest);
  const spent = (design: DesignTape, kind: SpanKind) =>
    design.spans.reduce((sum, span) => sum + (span.kind === kind ? span.lengthMs : 0), 0);
  const verdict = $derived.by(() => {
    const [one, other] = pair;
    if (one === undefined || other === undefined) {
      return 'Choose a second design to lay beside it.';
    }
    const apart = one.totalMs - other.totalMs;
    const [quick, slow] = apart < 0 ? [one, other] : [other, one];

    return apart === 0
      ? 'Both take the same time.'
      : `${quick.name} is ${minutes(Math.abs(apart))} quicker than ${slow.name}: in an hour with a minute between faces, ${perHour(quick)} faces against ${perHour(slow)}.`;
  });
  const perHour = (design: DesignTape) => Math.floor(3_600_000 / (design.totalMs + 60_000));
</script>

<section
  class="sticky bottom-0 z-10 -mx-3 mt-6 border-t-2 border-ink bg-card px-3 py-3 sm:-mx-8 sm:px-8"
  aria-label="Two designs compared"
>
  <div class="flex items-start gap-4">
    <p class="grow text-lg" aria-live="polite">{verdict}</p>
    <button type="button" class="key" onclick={dismiss}>Done comparing</button>
  </div>
  {#each pair as design (design.id)}
    <div class="mt-2 grid grid-cols-[64px_1fr] items-center gap-x-4 md:grid-cols-[64px_260px_1fr]">
      <span class="h-20 max-md:row-span-2"
        ><FaceMap
          title={design.name}
          placement={design.placement}
          steps={design.steps}
          look={lookOf(design.id)}
        /></span
      >
      <p>
        <strong class="font-display text-xl">{design.name}</strong>
        <span class="minutes text-xl">{minutes(design.totalMs)}</span><br />
        <span class="text-[15px] text-soft"
          >painting {minutes(spent(design, 'painting'))} · changing tools {minutes(
            spent(design, 'changeover'),
          )} · waiting {minutes(spent(design, 'drying'))}</span
        >
      </p>
      <div class="min-w-0 overflow-hidden" bind:clientWidth={width}>
        <Tape
          pieces={piecesOf(design.spans, design.steps)}
          to={design.totalMs}
          label="{design.name}, {minutes(design.totalMs)}"
          pixelsPerMinute={scale}
          height={24}
          words="none"
        />
      </div>
    </div>
  {/each}
</section>
