<script lang="ts">
  import type { PaintKind } from '../../../api/types.gen';
  import { clock } from '../../../lib/clock.svelte';
  import { minutes } from '../../../lib/minutes';
  import Said from '../../../ui/Said.svelte';
  import { TouchTest } from './touch.svelte';
  import type { Ways } from './ways.svelte';

  const { ways }: { ways: Ways } = $props();

  const test = new TouchTest(() => clock.moment());
  const KINDS: readonly { kind: PaintKind; words: string }[] = [
    { kind: 'wax', words: 'wax' },
    { kind: 'glycerine', words: 'glycerine' },
  ];
  let kind = $state<PaintKind>('wax');
  const asks = {
    dab: 'Dab it on: one brush load',
    tacky: 'Tap when it turns tacky',
    dry: 'Tap when it is dry',
    done: 'Done',
  };
  const sheet = $derived(ways.sheet);
  /** As typed, until the server has reckoned with it. */
  let air = $derived([sheet?.celsius ?? 20, sheet?.humidity ?? 50, sheet?.wind ?? 0].map(String));
  const AIR = ['Degrees', 'Humidity %', 'Wind m/s'];
  const times = (factor: number) =>
    factor >= 0.995 && factor <= 1.005
      ? 'as in still air of 20 degrees'
      : `${factor.toFixed(2)} times as fast as in still air of 20 degrees`;

  function setWeather(event: SubmitEvent) {
    event.preventDefault();
    const [celsius, humidity, wind] = air.map((typed) => Number(typed.replace(',', '.')));
    void ways.setWeather(celsius ?? NaN, humidity ?? NaN, wind ?? NaN);
  }

  function keep() {
    if (test.tackyMs !== null && test.dryMs !== null) {
      void ways.keepTouchTest(kind, test.tackyMs, test.dryMs);
    }
  }
</script>

{#if sheet !== null}
  <p class="text-xl">
    Paint dries {times(sheet.dries)}: a brush load of wax in
    <strong class="minutes">{minutes(sheet.waxDryMs)}</strong>, of glycerine in
    <strong class="minutes">{minutes(sheet.glycerineDryMs)}</strong>.
  </p>
  <p class="text-soft">
    {sheet.isTouched
      ? 'By your touch test of today.'
      : 'Reckoned from the weather; the times themselves are starting values. A touch test knows better.'}
    {#if sheet.workedTimes > 0}
      {sheet.workedTimes} times you went on sooner than reckoned, and nothing had to be mended: so it dries faster
      for you.
    {/if}
  </p>
  {#if sheet.workedTimes > 0}
    <button type="button" class="mt-1 key" disabled={ways.form.busy} onclick={() => ways.forgetWork()}
      >Forget what my work says</button
    >
  {/if}
  <Said message={ways.form.general} />

  <h3 class="mt-5 text-lg">The air about the chair</h3>
  <form class="mt-1 flex flex-wrap items-end gap-3" onsubmit={setWeather}>
    {#each AIR as words, at (words)}
      <label
        >{words}
        <input
          class="mt-1 block field w-24 minutes text-xl"
          inputmode="decimal"
          required
          value={air[at]}
          onchange={(event) => (air = air.with(at, event.currentTarget.value))}
        /></label
      >
    {/each}
    <button type="submit" class="key min-h-12" disabled={ways.form.busy}>Reckon with it</button>
  </form>

  <h3 class="mt-6 text-lg">Touch test</h3>
  <p class="text-soft">Dab a swatch on the back of your hand and touch it now and then.</p>
  <fieldset class="mt-2 flex gap-4">
    <legend class="sr-only">Paint of the swatch</legend>
    {#each KINDS as one (one.kind)}
      <label class="flex min-h-11 items-center gap-2"
        ><input
          type="radio"
          class="size-5 shrink-0 accent-ink"
          name="paint"
          value={one.kind}
          bind:group={kind}
          disabled={test.asks !== 'dab'}
        />{one.words}</label
      >
    {/each}
  </fieldset>
  <button
    type="button"
    class={[
      'mt-2 min-h-28 w-full rounded-xl border-2 border-ink text-2xl font-bold sm:text-3xl',
      test.asks === 'dab' ? 'bg-kelp text-paper' : 'bg-brass text-ink',
    ]}
    disabled={test.asks === 'done'}
    onclick={() => test.tap()}
  >
    {asks[test.asks]}{test.dabbedAt !== null && test.asks !== 'done'
      ? ` · ${minutes(Math.max(0, clock.now - test.dabbedAt))}`
      : ''}
  </button>
  {#if test.dabbedAt !== null}
    <p class="mt-2" role="status">
      {test.tackyMs === null ? '' : `Tacky after ${minutes(test.tackyMs)}. `}{test.dryMs === null
        ? ''
        : `Dry after ${minutes(test.dryMs)}.`}
    </p>
  {/if}
  <div class="mt-2 flex flex-wrap gap-2">
    {#if test.dabbedAt !== null}<button type="button" class="key" onclick={() => test.back()}
        >Take the last tap back</button
      >{/if}
    {#if test.asks === 'done'}<button
        type="button"
        class="key key-ink"
        disabled={ways.form.busy}
        onclick={keep}>Go by it today</button
      >{/if}
    {#if sheet.isTouched}<button type="button" class="key" onclick={() => ways.forgetTouchTest()}
        >Forget today’s test</button
      >{/if}
  </div>
{:else}
  <Said message={ways.form.general} />
{/if}
