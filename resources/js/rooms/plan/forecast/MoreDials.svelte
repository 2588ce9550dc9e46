<script lang="ts">
  import type { EventPlanSheet, TurnaroundMs } from '../../../api/types.gen';
  import { clockTime, minutes } from '../../../lib/minutes';
  import { teamCurrency } from '../../../lib/session';
  import AmountField from '../money/AmountField.svelte';
  import { scaled, turnaroundOf } from './answers';
  import Dial from './Dial.svelte';
  import type { EventPlan } from './plan.svelte';
  import WeatherDials from './WeatherDials.svelte';

  const { plan, sheet }: { plan: EventPlan; sheet: EventPlanSheet } = $props();

  const currency = teamCurrency();
  const terms = $derived(plan.terms);
  const openMinutes = $derived(Math.round((terms.closesAt - terms.opensAt) / 60_000));
  const PARTS: Record<keyof TurnaroundMs, string> = {
    choose: 'Greet and choose',
    safety: 'Age, allergies, skin',
    mirror: 'Mirror and photo',
    pay: 'Pay',
    clean: 'Wipe down, fresh sponge, water',
  };
  const parts = Object.keys(PARTS) as (keyof TurnaroundMs)[];
  const OLDEST = 17;
  /** The near end of a dial is "nobody has said". */
  const NOT_SAID = -1;
  const ages = (youngest: number, oldest: number) =>
    youngest === NOT_SAID
      ? { youngest: null, oldest: null }
      : { youngest, oldest: Math.max(youngest, oldest) };

  /** The far end of a dial is "never". */
  const orNever = (value: number, end: number) => (value >= end ? null : value);
</script>

<details class="border-t border-seam pt-1">
  <summary class="flex min-h-11 items-center font-semibold underline underline-offset-4"
    >More that moves the day</summary
  >
  <div class="flex flex-col gap-2 pb-2">
    {#if terms.arrivals !== 'at_once'}
      <Dial
        label="Names stop"
        shown={terms.stopNamesAt === null ? 'when it must' : clockTime(terms.stopNamesAt, sheet.day.timezone)}
        value={terms.stopNamesAt === null ? 0 : Math.round((terms.stopNamesAt - terms.opensAt) / 60_000)}
        min={0}
        max={openMinutes}
        step={5}
        turn={(at) => plan.try({ stopNamesAt: at === 0 ? null : terms.opensAt + at * 60_000 })}
        stay={() => plan.let('Names stop at another time.')}
      />
    {/if}
    <Dial
      label="Days on which all shall be painted"
      shown="{terms.wantedPercent} of 100"
      value={terms.wantedPercent}
      min={50}
      max={99}
      turn={(wantedPercent) => plan.try({ wantedPercent })}
      stay={() => plan.let('Another chance.')}
    />
    <Dial
      label="Half of the children have left after"
      shown={terms.patienceMinutes === null ? 'they stay' : `${terms.patienceMinutes} min`}
      value={terms.patienceMinutes ?? 90}
      min={5}
      max={90}
      step={5}
      turn={(value) => plan.try({ patienceMinutes: orNever(value, 90) })}
      stay={() => plan.let('Another patience.')}
    />
    <Dial
      label="Nobody joins a line, for each chair, of"
      shown={terms.longest === null ? 'they do' : String(terms.longest)}
      value={terms.longest ?? 21}
      min={1}
      max={21}
      turn={(value) => plan.try({ longest: orNever(value, 21) })}
      stay={() => plan.let('Another longest line.')}
    />
    <Dial
      label="Quick versions while more wait than"
      shown={terms.quickAbove === null ? 'never' : String(terms.quickAbove)}
      value={terms.quickAbove ?? 31}
      min={0}
      max={31}
      turn={(value) => plan.try({ quickAbove: orNever(value, 31) })}
      stay={() => plan.let('Another line for quick versions.')}
    />
    <Dial
      label="The youngest are"
      shown={terms.youngest === null ? 'not said' : `${terms.youngest}`}
      value={terms.youngest ?? NOT_SAID}
      min={NOT_SAID}
      max={OLDEST}
      turn={(age) => plan.try(ages(age, terms.oldest ?? age))}
      stay={() => plan.let('Other ages.')}
    />
    {#if terms.youngest !== null}
      <Dial
        label="The oldest are"
        shown={String(terms.oldest ?? terms.youngest)}
        value={terms.oldest ?? terms.youngest}
        min={0}
        max={OLDEST}
        turn={(age) => plan.try(ages(terms.youngest ?? age, age))}
        stay={() => plan.let('Other ages.')}
      />
      <p class="text-soft">
        Faces of those under five take 15 % longer, for they wriggle: the team’s estimate.
      </p>
    {/if}
    <WeatherDials {plan} />
    <h2 class="mt-2 text-lg">The turnaround in its parts</h2>
    {#if sheet.loggedTurnaroundMs !== null && Math.round(sheet.loggedTurnaroundMs / 1000) !== Math.round(turnaroundOf(terms) / 1000)}
      <p class="text-soft">
        Your chairs stood for {minutes(sheet.loggedTurnaroundMs)} between two, in the middle of {sheet.loggedTurnarounds}
        times.
        <button
          type="button"
          class="min-h-11 text-ink underline underline-offset-4"
          onclick={() =>
            plan.let('The turnaround as it was logged.', {
              turnaround: scaled(terms.turnaround, sheet.loggedTurnaroundMs ?? 0),
            })}>Plan with that</button
        >
      </p>
    {/if}
    {#each parts as part (part)}
      <Dial
        label={PARTS[part]}
        shown={minutes(terms.turnaround[part])}
        value={Math.round(terms.turnaround[part] / 1000)}
        min={0}
        max={120}
        step={2}
        turn={(seconds) => plan.try({ turnaround: { ...terms.turnaround, [part]: seconds * 1000 } })}
        stay={() => plan.let('Another turnaround.')}
      />
    {/each}
    <h2 class="mt-2 text-lg">Around the hours</h2>
    <Dial
      label="Set-up"
      shown="{terms.setUpMinutes} min"
      value={terms.setUpMinutes}
      min={0}
      max={120}
      step={5}
      turn={(setUpMinutes) => plan.try({ setUpMinutes })}
      stay={() => plan.let('Another set-up.')}
    />
    <Dial
      label="Pack-up"
      shown="{terms.packUpMinutes} min"
      value={terms.packUpMinutes}
      min={0}
      max={120}
      step={5}
      turn={(packUpMinutes) => plan.try({ packUpMinutes })}
      stay={() => plan.let('Another pack-up.')}
    />
    <AmountField
      label="The organiser pays for the booking"
      placeholder="nothing"
      cents={terms.bookingCents}
      currency={currency()}
      keep={(bookingCents) => plan.let('Another price for the booking.', { bookingCents })}
    />
  </div>
</details>
