<script lang="ts">
  import Said from '../../../ui/Said.svelte';
  import type { Bench } from '../bench.svelte';
  import Tick from '../../../ui/Tick.svelte';

  const { bench }: { bench: Bench } = $props();

  const tagsOf = (text: string) => [
    ...new Set(
      text
        .split(',')
        .map((tag) => tag.trim().toLowerCase())
        .filter((tag) => tag !== ''),
    ),
  ];
  const trouble = $derived(
    Object.entries(bench.fields).find(
      ([field]) => field.startsWith('tags') || field === 'stillFor' || field === 'fromAge',
    )?.[1][0],
  );
</script>

<div>
  <div class="mt-1 grid grid-cols-[1fr_0.8fr] gap-x-3 gap-y-1">
    <label>
      <span class="block text-[15px] text-soft">Sits still for</span>
      <input
        class="field"
        placeholder="5:00"
        value={bench.draft.stillFor}
        onchange={(event) => bench.setAudience({ stillFor: event.currentTarget.value })}
      />
    </label>
    <label>
      <span class="block text-[15px] text-soft">From age</span>
      <input
        class="field"
        type="number"
        min="0"
        max="18"
        placeholder="3"
        value={bench.draft.fromAge}
        onchange={(event) =>
          bench.setAudience({
            fromAge: event.currentTarget.value === '' ? null : Number(event.currentTarget.value),
          })}
      />
    </label>
    <label class="col-span-2">
      <span class="block text-[15px] text-soft">Tags</span>
      <input
        class="field"
        placeholder="sea, quick"
        value={bench.draft.tags.join(', ')}
        onchange={(event) => bench.setAudience({ tags: tagsOf(event.currentTarget.value) })}
      />
    </label>
  </div>
  <Tick checked={bench.draft.gentle} onturn={(gentle) => bench.setAudience({ gentle })}
    >spares eyes and lips</Tick
  >
  <Said message={trouble} />
</div>
