<script lang="ts">
  import type { HandTime } from '../../api/types.gen';
  import type { KitWork } from './kit.svelte';
  import { handWords } from './words';

  const { hands, work }: { hands: readonly HandTime[]; work: KitWork } = $props();

  const longest = $derived(Math.max(...hands.map((hand) => Math.max(hand.timeMs, hand.startingMs))));
  const seconds = (milliseconds: number) => `${(milliseconds / 1000).toFixed(1)} s`;
</script>

<section aria-label="Your hands between steps">
  <h2 class="text-2xl">Your hands</h2>
  <p class="text-soft">What every change of tool costs. Tap one to time it.</p>
  <ul class="mt-2 flex flex-col">
    {#each hands as hand (hand.action)}
      <li>
        <button
          type="button"
          class="grid min-h-11 w-full grid-cols-[1fr_auto] items-center gap-x-3 rounded-lg px-1 py-1.5 text-left hover:bg-card"
          onclick={() => (work.drilling = hand.action)}
        >
          <span class="leading-tight">{handWords[hand.action].name}</span>
          <span class="minutes text-xl">{seconds(hand.timeMs)}</span>
          <span
            class="mt-1 block h-2 border-r-2 border-ink bg-kelp"
            style:width="{(100 * hand.timeMs) / longest}%"
          ></span>
          <span class="text-[14px] text-soft"
            >{hand.repetitions === 0
              ? 'team’s estimate'
              : hand.repetitions === 1
                ? 'your own'
                : `middle of ${hand.repetitions}`}</span
          >
        </button>
      </li>
    {/each}
  </ul>
</section>
