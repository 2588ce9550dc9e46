<script lang="ts">
  import Grip from '../../ui/Grip.svelte';
  import { dragHandle } from 'svelte-dnd-action';
  import type { OfferSheet } from '../../api/types.gen';
  import { lookOf } from '../../facemap/looks';
  import NearFaceMap from '../../facemap/NearFaceMap.svelte';
  import { minutes, parseMinutes } from '../../lib/minutes';
  import { centsOf, money, price } from '../../lib/money';
  import { photoOn } from '../../lib/photo';
  import { teamCurrency } from '../../lib/session';
  import { p } from '../../router';
  import type { MenuWork } from './menu.svelte';
  import OfferHow from './OfferHow.svelte';
  import { readiness } from './words';

  interface Props {
    offer: OfferSheet;
    at: number;
    last: number;
    work: MenuWork;
    /** Whether it takes the most an hour of all. */
    isBest: boolean;
  }

  const { offer, at, last, work, isBest }: Props = $props();

  const currency = teamCurrency();
  let refused = $state('');

  function promise(typed: string) {
    const ms = typed.trim() === '' ? null : parseMinutes(typed);
    if (typed.trim() !== '' && ms === null) {
      refused = `“${typed}” is no time. Type it such as 4, 4:30 or 270s.`;

      return;
    }
    refused = '';
    void work.change(`Another promise for ${offer.name}.`, offer.designId, { promiseMs: ms });
  }

  function take(typed: string) {
    const cents = centsOf(typed, currency());
    if (cents === undefined) {
      refused = `“${typed}” is no price. Type it such as 4 or 4.50.`;

      return;
    }
    refused = '';
    void work.change(`Another price for ${offer.name}.`, offer.designId, { priceCents: cents });
  }
</script>

<li
  class="grid grid-cols-[72px_minmax(0,1fr)_minmax(0,1fr)] gap-x-4 gap-y-1 border-t border-seam py-3 sm:grid-cols-[84px_minmax(0,1fr)_6.5rem_6.5rem_2.75rem]"
>
  <a class="row-span-2 block h-24 sm:h-28" href={p('/designs/:id', { params: { id: offer.designId } })}>
    <NearFaceMap
      photo={photoOn('team', offer.photo)}
      title={offer.name}
      placement={offer.plan.placement}
      steps={offer.plan.steps}
      look={lookOf(offer.designId)}
    />
  </a>
  <div class="min-w-0 max-sm:col-span-2">
    <p class="flex flex-wrap items-baseline gap-x-3">
      <span class="font-display text-2xl leading-tight font-bold">{offer.name}</span>
      <span class="minutes text-xl">{minutes(offer.middleMs)}</span>
    </p>
    <p class="text-soft">
      8 of 10 by {minutes(offer.eightOfTenMs)}, {readiness(offer)}.{offer.sitsForMs === null
        ? ''
        : ` Children sit ${minutes(offer.sitsForMs)} for it.`}
    </p>
  </div>
  <label class="max-sm:col-start-2">
    <span class="text-soft">promise</span>
    <input
      class="field px-2"
      aria-label="Promise for {offer.name}"
      placeholder={minutes(offer.honestMs)}
      value={offer.promises ? minutes(offer.promiseMs) : ''}
      onchange={({ currentTarget }) => promise(currentTarget.value)}
    />
  </label>
  <label>
    <span class="text-soft">price</span>
    <input
      class="field px-2"
      aria-label="Price of {offer.name}"
      placeholder="none"
      inputmode="decimal"
      value={price(offer.priceCents, currency())}
      onchange={({ currentTarget }) => take(currentTarget.value)}
    />
  </label>
  <div class="flex flex-col items-center max-sm:hidden">
    <span
      class="flex h-6 w-11 touch-none items-center justify-center text-soft"
      use:dragHandle
      aria-label="Drag {offer.name}"
      tabindex="-1"
    >
      <Grip lying />
    </span>
    <button
      type="button"
      class="min-h-11 w-11 text-xl disabled:opacity-30"
      aria-label="Move {offer.name} up"
      disabled={at === 0}
      onclick={() => work.move(at, at - 1)}>↑</button
    >
    <button
      type="button"
      class="min-h-11 w-11 text-xl disabled:opacity-30"
      aria-label="Move {offer.name} down"
      disabled={at === last}
      onclick={() => work.move(at, at + 1)}>↓</button
    >
  </div>
  <div class="col-span-2 col-start-2 min-w-0 sm:col-span-4">
    {#if refused !== ''}<p class="text-rust" role="alert">{refused}</p>{/if}
    <p class="flex flex-wrap items-center gap-x-5">
      {#if offer.priceCents !== null && offer.priceCents > 0}
        <span class={isBest ? 'font-semibold text-kelp' : ''}
          >{money(Math.round(offer.takingsAnHour / 100) * 100, currency())} an hour{isBest
            ? ', the most'
            : ''}</span
        >
      {/if}
      <span class="flex items-center gap-2"
        ><span class="block h-3 w-24 border border-ink" aria-hidden="true"
          ><span class="block h-full bg-sea/60" style:width="{100 * offer.shareIfPopular}%"></span></span
        >{Math.round(100 * offer.shareIfPopular)} of 100 minutes if every third child wants it</span
      >
    </p>
    {#if offer.lacks.length > 0}<p class="text-rust">Not in the kit: {offer.lacks.join(', ')}.</p>{/if}
    {#if offer.usesUp.length > 0}<p>Running out: {offer.usesUp.join(', ')}.</p>{/if}
    <OfferHow {offer} {at} {work} />
  </div>
</li>
