<script lang="ts">
  import { FaceSizeValues } from '../../api/types.gen';
  import { minutes } from '../../lib/minutes';
  import type { Bench } from './bench.svelte';

  const { bench }: { bench: Bench } = $props();

  const sizes = { small: 'a small face', child: 'a child', adult: 'an adult' } as const;
  const traits = [
    { key: 'beard', words: 'with a beard' },
    { key: 'dislikesTouch', words: 'who dislikes being touched' },
    { key: 'leftHanded', words: 'by a left-handed painter' },
  ] as const;
</script>

<div>
  <h2 class="text-xl">Who sits for it</h2>
  <div class="mt-1 flex flex-col">
    <select
      class="field"
      aria-label="Who sits for it"
      value={bench.person.size}
      onchange={(event) =>
        bench.fitTo({ size: FaceSizeValues.find((one) => one === event.currentTarget.value) ?? 'child' })}
    >
      {#each FaceSizeValues as size (size)}<option value={size}>{sizes[size]}</option>{/each}
    </select>
    {#each traits as { key, words } (key)}
      <label class="flex min-h-11 items-center gap-2">
        <input
          type="checkbox"
          class="size-5 accent-ink"
          checked={bench.person[key]}
          onchange={(event) => bench.fitTo({ [key]: event.currentTarget.checked })}
        />
        {words}
      </label>
    {/each}
  </div>
  {#if bench.fitted !== null}
    <div class="border-l-[6px] border-kelp pl-2" aria-live="polite">
      <p>
        <strong class="minutes text-xl">{minutes(bench.fitted.totalMs)}</strong> instead of {minutes(
          bench.sheet.totalMs,
        )}
      </p>
      {#each bench.fitted.changes as change, at (at)}<p class="text-[15px] leading-tight">{change}</p>{/each}
      {#if bench.fitted.changes.length === 0}<p class="text-[15px] text-soft">No step changes.</p>{/if}
    </div>
  {/if}
</div>
