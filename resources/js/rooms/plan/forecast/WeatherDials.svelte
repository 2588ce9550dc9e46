<script lang="ts">
  import type { AirShown } from '../../../api/types.gen';
  import Dial from './Dial.svelte';
  import type { EventPlan } from './plan.svelte';
  import Tick from '../../../ui/Tick.svelte';

  const { plan }: { plan: EventPlan } = $props();

  const MILD: AirShown = { celsius: 20, humidity: 50, wind: 1 };
  const air = $derived(plan.terms.weather);
  const stay = () => plan.let('Other weather.');
</script>

<h2 class="mt-2 text-lg">The air</h2>
<Tick checked={air === null} onturn={(asFed) => plan.let('Other weather.', { weather: asFed ? null : MILD })}
  >As the weather feed says</Tick
>
{#if air !== null}
  <Dial
    label="Degrees"
    shown="{air.celsius} °C"
    value={air.celsius}
    min={0}
    max={40}
    turn={(celsius) => plan.try({ weather: { ...air, celsius } })}
    {stay}
  />
  <Dial
    label="Humidity"
    shown="{air.humidity} %"
    value={air.humidity}
    min={10}
    max={100}
    step={5}
    turn={(humidity) => plan.try({ weather: { ...air, humidity } })}
    {stay}
  />
  <Dial
    label="Wind at the chair"
    shown="{air.wind} m/s"
    value={air.wind}
    min={0}
    max={10}
    turn={(wind) => plan.try({ weather: { ...air, wind } })}
    {stay}
  />
{/if}
