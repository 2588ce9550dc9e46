<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { api } from '../../api/client';
  import type { MenuRecommended, MenuSheet } from '../../api/types.gen';
  import { Submission } from '../../lib/form.svelte';
  import { minutes } from '../../lib/minutes';
  import { money } from '../../lib/money';
  import { nearDays } from '../../line/questions';
  import { teamCurrency } from '../../lib/session';
  import { Wait } from '../../lib/wait.svelte';
  import Waits from '../../ui/Waits.svelte';
  import Said from '../../ui/Said.svelte';
  import { chances } from '../plan/forecast/answers';
  import { type MenuWork, offeredOf } from './menu.svelte';
  import Choice from '../../ui/Choice.svelte';
  import Tick from '../../ui/Tick.svelte';

  const { sheet, work }: { sheet: MenuSheet; work: MenuWork } = $props();

  const currency = teamCurrency();
  const days = createQuery(nearDays);
  const asking = new Submission();
  let chosen = $state('');
  let goal = $state<'look' | 'takings'>('look');
  let designs = $state(0);
  let kept: string[] = $state([]);
  let wait = $state.raw(new Wait());
  let found: MenuRecommended | null = $state.raw(null);
  const day = $derived(chosen === '' ? (days.data?.[0]?.id ?? '') : chosen);
  const count = $derived(
    designs === 0 ? Math.min(12, sheet.offers.length) : Math.min(designs, sheet.offers.length),
  );
  const worth = (amount: number) =>
    goal === 'look'
      ? `${Math.round(100 * amount)} of 100 of the look`
      : `${money(Math.round(amount), currency())} a face`;

  function ask(event: SubmitEvent) {
    event.preventDefault();
    found = null;
    const going = new Wait();
    wait = going;
    void asking.run(async () => {
      const asked = { day, goal, designs: count, keep: kept };
      found =
        (await going.for(api.post<MenuRecommended>(`menus/${sheet.id}/recommended`, asked, going))) ?? null;
    });
  }

  function keep(design: string, keeps: boolean) {
    kept = keeps ? [...kept, design] : kept.filter((one) => one !== design);
  }

  function take(recommended: MenuRecommended) {
    const offers = sheet.offers.map(offeredOf);
    void work.write(
      'The recommended menu.',
      recommended.designs.flatMap(({ designId, rung }) =>
        offers
          .filter((offer) => offer.designId === designId)
          .map((offer) => ({ ...offer, rung, promiseMs: null })),
      ),
    );
    found = null;
  }
</script>

{#if sheet.offers.length > 1 && (days.data?.length ?? 0) > 0}
  <section aria-labelledby="recommended">
    <h2 id="recommended" class="text-xl">The best of it for an event</h2>
    <form class="mt-1 flex flex-col gap-2" onsubmit={ask}>
      <Choice
        label="Event"
        value={day}
        options={(days.data ?? []).map(({ id, name }) => ({ value: id, words: name }))}
        onchoose={(id) => (chosen = id)}
      />
      <div class="grid grid-cols-[1fr_5.5rem] gap-2">
        <Choice
          class="px-2"
          label="Most of what"
          bind:value={goal}
          options={[
            { value: 'look', words: 'most look' },
            { value: 'takings', words: 'most takings' },
          ]}
        />
        <label class="flex items-center gap-2 whitespace-nowrap">
          <input
            class="field w-14 px-2"
            type="number"
            min="1"
            max={Math.min(12, sheet.offers.length)}
            aria-label="Designs"
            value={count}
            onchange={({ currentTarget }) => (designs = Number(currentTarget.value))}
          />
        </label>
      </div>
      <details>
        <summary class="flex min-h-11 items-center underline underline-offset-4">Keep as they stand …</summary
        >
        {#each sheet.offers as offer (offer.designId)}
          <Tick checked={kept.includes(offer.designId)} onturn={(keeps) => keep(offer.designId, keeps)}
            >{offer.name}</Tick
          >
        {/each}
      </details>
      <Said message={asking.general} />
      {#if asking.busy}
        <Waits {wait} what="Weighing every menu" />
      {:else}
        <button type="submit" class="key">Weigh it</button>
      {/if}
    </form>
    <div role="status">
      {#if found !== null && found.designs.length === 0}
        <p class="mt-2">
          No {count} of these let everybody be painted as surely as the event wants it. Ask for fewer children,
          more artists or shorter designs in its plan.
        </p>
      {:else if found !== null}
        {@const best = found}
        <ul class="mt-2">
          {#each best.designs as design (design.designId)}
            <li class="flex justify-between border-t border-seam py-0.5">
              <span>{design.name}{design.rung === null ? '' : `, ${design.rung}`}</span>
              <span class="minutes">{minutes(design.middleMs)}</span>
            </li>
          {/each}
        </ul>
        <p class="mt-1">
          {worth(best.worth)}. A mean face takes {minutes(best.meanFaceMs)}; the day bears {minutes(
            best.bearableMs,
          )}. Everybody is painted on {chances(best.chanceOfAll)}.{best.wishCosts !== null &&
          best.wishCosts > 0.001
            ? ` What you keep costs ${worth(best.wishCosts)}.`
            : ''}
        </p>
        <button type="button" class="mt-1 key key-ink" onclick={() => take(best)}>Make it the menu</button>
      {/if}
    </div>
  </section>
{/if}
