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
  const tried = $derived(bench.triedOn);
</script>

<div>
  <h2 class="text-xl">Who sits for it</h2>
  <div class="mt-1 flex flex-col">
    <Choice
      label="Who sits for it"
      value={tried.person.size}
      options={FaceSizeValues.map((value) => ({ value, words: sizes[value] }))}
      onchoose={(size) => tried.fitTo({ size })}
    />
    {#each traits as { key, words } (key)}
      <Tick checked={tried.person[key]} onturn={(checked) => tried.fitTo({ [key]: checked })}>{words}</Tick>
    {/each}
  </div>
  {#if tried.fitted !== null}
    <div class="border-l-[6px] border-kelp pl-2" aria-live="polite">
      <p>
        <strong class="minutes text-xl">{minutes(tried.fitted.totalMs)}</strong> instead of {minutes(
          bench.sheet.totalMs,
        )}
      </p>
      {#each tried.fitted.changes as change, at (at)}<p class="text-[15px] leading-tight">
          {change}
        </p>{/each}
      {#if tried.fitted.changes.length === 0}<p class="text-[15px] text-soft">No step changes.</p>{/if}
    </div>
  {/if}
  {#if tried.message !== ''}<p class="text-rust" role="alert">{tried.message}</p>{/if}
</div>
