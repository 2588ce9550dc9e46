<script lang="ts">
  import { type RungName, RungNameValues } from '../../../api/types.gen';
  import { minutes } from '../../../lib/minutes';
  import Said from '../../../ui/Said.svelte';
  import Sheet from '../../../ui/Sheet.svelte';
  import type { Bench } from '../bench.svelte';
  import FitIn from './FitIn.svelte';
  import { isSameVersion, type Ladder } from './ladder.svelte';
  import Rails from '../advice/Rails.svelte';
  import RungPicture from './RungPicture.svelte';

  const { bench, ladder }: { bench: Bench; ladder: Ladder } = $props();

  const rungs = $derived(ladder.sheet?.rungs ?? []);
  const rung = $derived(ladder.rung);
  const chosen = $derived(rung === null ? undefined : rungs.find((one) => isSameVersion(one, rung.rung)));
  const saidNames = $derived(bench.draft.rungs.map((wish) => wish.name));

  function call(name: RungName) {
    if (rung !== null) {
      const { leftOut, otherWays } = rung.rung;
      bench.nameRung({ name, within: null, leftOut, otherWays });
    }
  }
</script>

<Sheet bind:open={() => rung !== null, (open) => open || ladder.close()} title="The ladder" wide>
  <Said message={ladder.message === '' ? undefined : ladder.message} />
  {#if rung !== null}
    <div class="grid gap-6 md:grid-cols-[minmax(260px,32%)_1fr]">
      <div>
        <FitIn {ladder} />
        <div class="mt-3 max-h-[58dvh] overflow-y-auto pr-1">
          <Rails {rungs} {chosen} choose={(one) => void ladder.open(one)} width={116} />
        </div>
      </div>
      <div class="min-w-0">
        <p class="text-xl">
          <strong class="minutes text-4xl">{minutes(rung.rung.timeMs)}</strong>
          with {Math.round(rung.rung.share * 100)} % of the look{rung.rung.isProven
            ? ''
            : ', in the best order found'}.
          {#if rung.rung.pace !== null}
            8 of 10 faces are done by <strong class="minutes">{minutes(rung.rung.pace.eightOfTenMs)}</strong>
            ({rung.rung.pace.faces > 0 ? `${rung.rung.pace.faces} faces logged` : 'from the logged steps'}).
          {/if}
        </p>
        <RungPicture {bench} {ladder} {rung} />
        <div class="mt-4 flex flex-wrap items-center gap-2">
          <span class="font-semibold">Call this</span>
          {#each RungNameValues as name (name)}
            <button
              type="button"
              class={['key', chosen?.names.includes(name) && 'key-ink']}
              aria-pressed={chosen?.names.includes(name) ?? false}
              onclick={() => call(name)}>{name}</button
            >
          {/each}
        </div>
        {#each saidNames as name (name)}
          <p class="mt-1 text-[15px]">
            {name} is your own choice.
            <button type="button" class="key-word" onclick={() => bench.forgetRung(name)}
              >Let the ladder choose</button
            >
          </p>
        {/each}
      </div>
    </div>
  {/if}
</Sheet>
