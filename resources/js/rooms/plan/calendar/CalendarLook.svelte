<script lang="ts">
  import type { BookingFound, BookingState, CalendarShown } from '../../../api/types.gen';
  import { clockTime, dayName } from '../../../lib/minutes';
  import Said from '../../../ui/Said.svelte';
  import { clashesOf, type Diary } from './diary.svelte';
  import Tick from '../../../ui/Tick.svelte';

  const { diary, look, took }: { diary: Diary; look: CalendarShown; took: () => void } = $props();

  const STATES: Record<BookingState, string> = {
    fresh: '',
    changed: 'here with other hours, name or place: taking it changes the day',
    here: 'here already',
    over: 'over',
    unfit: '',
  };
  const cannot = ({ state }: BookingFound) => state === 'unfit' || state === 'here';

  async function take() {
    await diary.take();
    if (diary.message === '') {
      took();
    }
  }
</script>

{#each look.left as words (words)}<p class="text-soft">{words}</p>{/each}
<ul class="mt-2">
  {#each look.found as one (one.key)}
    <li class="border-t border-seam py-1.5">
      <Tick
        disabled={cannot(one)}
        checked={diary.ticked.includes(one.key)}
        onturn={() => diary.turn(one.key)}
      >
        <span class={['grow', cannot(one) && 'text-soft']}>
          <span class="text-lg font-semibold">{one.name}</span>
          <span class="text-soft"
            >{one.place === '' ? '' : ` ${one.place}, `}
            {dayName(one.opensAt, one.timezone)}{STATES[one.state] === ''
              ? ''
              : `; ${STATES[one.state]}`}</span
          >
        </span>
        <span class="minutes whitespace-nowrap"
          >{clockTime(one.opensAt, one.timezone)} to {clockTime(one.closesAt, one.timezone)}</span
        >
      </Tick>
      <div class="pl-8 text-soft">
        {#each one.assumed as words (words)}<p>{words}</p>{/each}
        {#if one.trouble !== null}<p class="text-rust">{one.trouble}</p>{/if}
        {#each clashesOf(look.clashes, one.key) as words (words)}<p class="text-rust">{words}</p>{/each}
      </div>
    </li>
  {/each}
</ul>
<Said message={diary.message} />
<div class="sticky bottom-0 flex flex-wrap gap-3 bg-paper py-3">
  <button
    type="button"
    class="key min-h-14 grow text-lg key-ink"
    disabled={diary.busy || diary.ticked.length === 0}
    onclick={take}
  >
    {diary.ticked.length === 1 ? 'Take this one' : `Take these ${diary.ticked.length}`}
  </button>
  <button type="button" class="key min-h-14" onclick={() => (diary.look = null)}>Leave it</button>
</div>
