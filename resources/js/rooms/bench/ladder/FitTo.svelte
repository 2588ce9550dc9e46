<script lang="ts">
  import { FaceSizeValues } from '../../../api/types.gen';
  import { minutes } from '../../../lib/minutes';
  import type { Bench } from '../bench.svelte';
  import Choice from '../../../ui/Choice.svelte';
  import Tick from '../../../ui/Tick.svelte';

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
    <Choice
      label="Who sits for it"
      value={bench.person.size}
      options={FaceSizeValues.map((value) => ({ value, words: sizes[value] }))}
      onchoose={(size) => bench.fitTo({ size })}
    />
    {#each traits as { key, words } (key)}
      <Tick checked={bench.person[key]} onturn={(checked) => bench.fitTo({ [key]: checked })}>{words}</Tick>
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
