<script lang="ts">
  import { untrack } from 'svelte';
  import { digitsOf, money as written } from '../../../lib/money';
  import AmountField from './AmountField.svelte';
  import CurrencyChoice from './CurrencyChoice.svelte';
  import Dial from '../forecast/Dial.svelte';
  import type { EventMoney } from './money.svelte';
  import Tick from '../../../ui/Tick.svelte';

  const { money, currency }: { money: EventMoney; currency: string } = $props();

  const terms = $derived(money.terms);
  const unit = $derived(10 ** digitsOf(currency));
  const amount = (cents: number) => written(cents, currency);
  /** The far end of a dial stays where it is. */
  const mostHour = untrack(() => Math.max(100 * unit, 2 * terms.hourCents));
  const mostPitch = untrack(() => Math.max(300 * unit, 2 * terms.pitchCents));
</script>

<section aria-label="What it rests on" class="flex flex-col gap-2 print:hidden">
  <h2 class="text-xl">This event</h2>
  <Dial
    label="The way there"
    shown="{terms.kilometres} km"
    value={terms.kilometres}
    min={0}
    max={Math.max(150, terms.kilometres)}
    turn={(kilometres) => money.try({ kilometres })}
    stay={() => money.let('Another way there.')}
  />
  <Dial
    label="It takes"
    shown="{terms.travelMinutes} min"
    value={terms.travelMinutes}
    min={0}
    max={Math.max(180, terms.travelMinutes)}
    step={5}
    turn={(travelMinutes) => money.try({ travelMinutes })}
    stay={() => money.let('Another time on the way.')}
  />
  <Dial
    label="Asked for the place"
    shown={amount(terms.pitchCents)}
    value={terms.pitchCents}
    min={0}
    max={mostPitch}
    step={5 * unit}
    turn={(pitchCents) => money.try({ pitchCents })}
    stay={() => money.let('Another price of the place.')}
  />
  <AmountField
    label="The organiser offers for an artist’s hour"
    placeholder="nothing said"
    cents={terms.offeredHourCents}
    {currency}
    keep={(offeredHourCents) => money.let('Another offer.', { offeredHourCents })}
  />
  <h2 class="mt-4 text-xl">All our events</h2>
  <Dial
    label="Wished for an artist’s hour"
    shown={amount(terms.hourCents)}
    value={terms.hourCents}
    min={0}
    max={mostHour}
    step={unit}
    turn={(hourCents) => money.try({ hourCents })}
    stay={() => money.let('Another wished hour, for all events.')}
  />
  <AmountField
    label="Least we set out for"
    cents={terms.leastCents}
    {currency}
    keep={(cents) => money.let('Another least charge.', { leastCents: cents ?? 0 })}
  />
  <AmountField
    label="A kilometre"
    cents={terms.kilometreCents}
    {currency}
    keep={(cents) => money.let('Another price of a kilometre.', { kilometreCents: cents ?? 0 })}
  />
  <AmountField
    label="Materials of a face"
    cents={terms.materialsCents}
    {currency}
    keep={(cents) => money.let('Other materials.', { materialsCents: cents ?? 0 })}
  />
  <Tick
    checked={terms.isTravelPaid}
    onturn={(isTravelPaid) => money.let('Hours on the way.', { isTravelPaid })}
    >Hours on the way are paid</Tick
  >
  <Tick checked={terms.isSetUpPaid} onturn={(isSetUpPaid) => money.let('Hours of set-up.', { isSetUpPaid })}
    >Set-up and pack-up are paid</Tick
  >
  <CurrencyChoice {currency} />
</section>
