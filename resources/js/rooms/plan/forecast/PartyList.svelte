<script lang="ts">
  import type { DaySummary, PartyOrderSheet } from '../../../api/types.gen';
  import { api } from '../../../api/client';
  import { Submission } from '../../../lib/form.svelte';
  import { clockTime, minutes } from '../../../lib/minutes';
  import Said from '../../../ui/Said.svelte';
  import { untrack } from 'svelte';
  import Choice from '../../../ui/Choice.svelte';
  import { guestsOf } from './party-names';

  const { day }: { day: DaySummary } = $props();

  type BirthdayChild = 'first' | 'last' | 'as_others';
  const WHEN: Record<BirthdayChild, string> = {
    first: 'the birthday child first',
    last: 'the birthday child last',
    as_others: 'the birthday child among the others',
  };
  /** First names stay on this device; they are put in order and not kept. */
  const list = guestsOf(untrack(() => day));
  const work = new Submission();
  let birthday = $state<BirthdayChild>('first');
  let cakeMinutes = $state(0);
  let more = $state(2);
  let order: PartyOrderSheet | null = $state.raw(null);
  const openMinutes = $derived(Math.round((day.closesAt - day.opensAt) / 60_000));
  const time = (at: number) => clockTime(at, day.timezone);
  const cakes = $derived(
    Array.from({ length: Math.max(1, Math.ceil(openMinutes / 15)) }, (_, at) => ({
      value: at * 15,
      words: at === 0 ? 'till the end' : `cake at ${time(day.opensAt + at * 15 * 60_000)}`,
    })),
  );
  const cakeAt = $derived(cakeMinutes === 0 ? null : day.opensAt + cakeMinutes * 60_000);

  async function put(event: SubmitEvent) {
    event.preventDefault();
    await work.run(async () => {
      order = await api.post<PartyOrderSheet>(`days/${day.id}/party-order`, {
        guests: list.value,
        birthday,
        cakeAt,
        more,
      });
    });
  }
</script>

<section class="grid gap-x-10 gap-y-4 px-3 pt-6 sm:px-8 lg:grid-cols-2" aria-labelledby="party-order">
  <form class="flex flex-col gap-3 print:hidden" onsubmit={put}>
    <h2 id="party-order" class="text-2xl">Who, in which order</h2>
    <label class="font-semibold">
      One child a line, such as “Mila 7 birthday”; brothers and sisters on one line, with a +
      <textarea class="mt-1 h-44 field font-normal" maxlength="10000" bind:value={list.value}></textarea>
    </label>
    <div class="grid gap-2 sm:grid-cols-3">
      <Choice
        label="When the birthday child is painted"
        bind:value={birthday}
        options={(['first', 'last', 'as_others'] as const).map((value) => ({ value, words: WHEN[value] }))}
      />
      <Choice label="All are painted by" bind:value={cakeMinutes} options={cakes} />
      <Choice
        label="More children"
        bind:value={more}
        options={[0, 1, 2, 3, 5].map((value) => ({ value, words: `if ${value} more come` }))}
      />
    </div>
    <Said message={work.general} />
    <button type="submit" class="key key-ink" disabled={work.busy}>Put them in order</button>
  </form>
  <div role="status">
    {#if order !== null}
      <p class="text-lg">
        <span class="minutes text-2xl">{minutes(order.eachMs)}</span> each, {minutes(order.netMs)} of it to paint.{more ===
        0
          ? ''
          : ` With ${more} more it is ${minutes(order.eachWithMoreMs)}.`}
      </p>
      <ol class="mt-2">
        {#each order.calls as call, at (at)}
          <li class="flex items-baseline gap-4 border-t border-seam py-1.5 text-lg">
            <span class="w-16 minutes">{time(call.at)}</span>
            <span class="font-semibold">{call.name}</span>
            <span class="text-soft">{call.age ?? ''}{call.isBirthday ? ' birthday' : ''}</span>
          </li>
        {/each}
      </ol>
      <button type="button" class="mt-3 key print:hidden" onclick={() => print()}>Print the list</button>
    {/if}
  </div>
</section>
