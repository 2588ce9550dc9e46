<script lang="ts">
  import { minutes } from '../../../lib/minutes';
  import type { Ladder } from './ladder.svelte';
  import { parseMinutes } from '../../../lib/minutes';

  const { ladder }: { ladder: Ladder } = $props();

  let typed = $state('');
  let said = $state('');

  function fit(event: SubmitEvent) {
    event.preventDefault();
    const time = parseMinutes(typed);
    const rung = time === null ? undefined : ladder.fitting(time);
    const quickest = ladder.sheet?.rungs[0];
    said =
      time === null
        ? 'Type minutes such as 3, 3:00 or 180s.'
        : rung === undefined
          ? `Even the quickest version takes ${minutes(quickest?.timeMs ?? 0)}.`
          : '';
    const shown = rung ?? (time === null ? undefined : quickest);
    if (shown !== undefined) {
      void ladder.open(shown);
    }
  }
</script>

<form class="flex flex-wrap items-end gap-2" onsubmit={fit}>
  <label class="font-semibold">
    Fit to
    <input
      class="mt-1 field w-24 minutes text-xl"
      placeholder="3:00"
      aria-describedby="fit-said"
      bind:value={typed}
    />
  </label>
  <button type="submit" class="key">Find the rung</button>
  <p id="fit-said" class="basis-full text-[15px] font-semibold text-rust" aria-live="polite">{said}</p>
</form>
