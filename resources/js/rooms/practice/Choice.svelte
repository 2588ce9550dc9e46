<script lang="ts">
  import type { PracticeItem, PracticeSheet } from '../../api/types.gen';
  import { minutes } from '../../lib/minutes';
  import { clock } from '../../lib/clock.svelte';
  import type { Target, Training } from './practice.svelte';
  import StrokesOf from './StrokesOf.svelte';

  const { sheet, training }: { sheet: PracticeSheet; training: Training } = $props();

  const DAY = 86_400_000;
  const isOn = (item: PracticeItem) =>
    item.drill === training.target.drill &&
    item.designId === training.target.design &&
    item.stepId === training.target.step;

  function lastDone(item: PracticeItem): string {
    if (item.lastMs === null) return 'not on the board yet';
    const days = Math.floor((clock.now - item.lastMs) / DAY);

    return days === 0 ? 'today' : days === 1 ? 'yesterday' : `${days} days ago`;
  }

  function ready(item: PracticeItem): string {
    if (item.promiseMs === null) return '';
    if (item.pace === null) return `not logged yet, ${minutes(item.promiseMs)} promised`;
    if (item.readyAfter === 0) return `menu-ready for ${minutes(item.promiseMs)}`;

    return item.readyAfter === null
      ? `not ready for ${minutes(item.promiseMs)}, and not in sight of it`
      : `ready for ${minutes(item.promiseMs)} after ${item.readyAfter} more`;
  }

  function choose(item: PracticeItem) {
    const target: Target = {
      drill: item.drill,
      design: item.designId,
      step: item.stepId,
      apart: item.drill !== null,
    };
    void training.choose(target);
  }
</script>

{#snippet row(item: PracticeItem, says: string)}
  <li>
    <button
      type="button"
      class={[
        'flex min-h-12 w-full flex-col items-start justify-center border-l-[6px] py-1 pl-3 text-left leading-tight',
        isOn(item) ? 'border-brass bg-card' : 'border-transparent',
      ]}
      aria-pressed={isOn(item)}
      onclick={() => choose(item)}
    >
      <span class="text-lg font-semibold [overflow-wrap:anywhere]">{item.name}</span>
      <span class="text-[15px] text-soft">{says}</span>
    </button>
    {#if item.designId !== null && item.drill === null && item.stepId === null && item.designId === training.target.design}
      <StrokesOf design={item.designId} {training} />
    {/if}
  </li>
{/snippet}

<nav class="flex flex-col gap-5" aria-label="What to practise">
  {#if sheet.next.length > 0}
    <section aria-label="What to practise next">
      <h2 class="text-xl">What to practise next</h2>
      <p class="text-[15px] leading-tight text-soft">
        Minutes to win by ten more times, over the {sheet.faces} faces that the booked days may bring.
      </p>
      <ul class="mt-1">
        {#each sheet.next as item (`${item.designId} ${item.stepId}`)}
          {@render row(item, `${minutes(item.winMs)} to win, ${lastDone(item)}`)}
        {/each}
      </ul>
    </section>
  {/if}
  <section>
    <h2 class="text-xl">Strokes</h2>
    <ul class="mt-1">
      {#each sheet.drills as item (item.drill)}{@render row(item, lastDone(item))}{/each}
    </ul>
  </section>
  <section>
    <h2 class="text-xl">Designs</h2>
    <ul class="mt-1">
      {#each sheet.designs as item (item.designId)}
        {@render row(item, [ready(item), lastDone(item)].filter(Boolean).join(', '))}
      {/each}
    </ul>
  </section>
</nav>
