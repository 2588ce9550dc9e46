<script lang="ts">
  import type { LineBoard } from '../../../api/types.gen';
  import { lookOf } from '../../../facemap/looks';
  import NearFaceMap from '../../../facemap/NearFaceMap.svelte';
  import { clockTime, minutes } from '../../../lib/minutes';
  import { price } from '../../../lib/money';
  import { linesKept } from '../../../lib/remembered.svelte';
  import { teamCurrency, whetherPaints } from '../../../lib/session';
  import type { Line } from '../../../line/line.svelte';
  import Tape from '../../../tape/Tape.svelte';
  import { piecesOf } from '../../../tape/tape';
  import ForParents from './ForParents.svelte';
  import { middleOffer, UNDECIDED } from './names';
  import { slipCodeOf } from '../../../line/slip-code';
  import NumberSlip from './NumberSlip.svelte';
  import PasteNames from './PasteNames.svelte';
  import Texts from './Texts.svelte';

  const { line, board, changeMenu }: { line: Line; board: LineBoard; changeMenu: () => void } = $props();

  const SCALE = 30;
  const paints = whetherPaints();
  const currency = teamCurrency();
  let firstName = $state('');

  /** Who was given a number last, and what is to be said to them. */
  let given = $state('');
  let field: HTMLInputElement | undefined = $state();
  const child = $derived(board.waiting.find(({ id }) => id === given));
  const window = $derived(line.windows.get(given));
  let pasting = $state(false);
  let slipping = $state(false);
  let sharing = $state(false);
  let texting = $state(false);
  let selling = $state(false);
  const time = (at: number) => clockTime(at, board.day.timezone);

  function sell(design: string, isSoldOut: boolean) {
    line.sellOut(design, isSoldOut);
    selling = false;
  }

  const each = $derived(linesKept.value === 'each' && line.linesEach.length > 1 ? line.linesEach : []);
  /** Whose line was chosen for the next name; else the one that is soonest. */
  let chosenLine = $state<string | null>(null);
  const painter = $derived(
    (
      each.find((one) => one.painter === chosenLine) ??
      each.toSorted((one, other) => one.callAt - other.callAt)[0]
    )?.painter ?? null,
  );

  const middle = $derived(middleOffer(board.menu, board.soldOut));

  function take(design: string, note: string | null = null) {
    given = line.join(design, { firstName, note, wish: painter });
    firstName = '';
    chosenLine = null;
    field?.focus();
  }
</script>

<section class="px-3 py-4 sm:px-8 md:pr-6" aria-labelledby="take-a-name">
  <div class="flex items-center gap-3">
    <h2 id="take-a-name" class="grow text-2xl">Take a name</h2>
    {#if paints()}<button type="button" class="key" onclick={changeMenu}>Menu of the day</button>{/if}
  </div>

  {#if board.menu.length === 0}
    <p class="mt-3 text-lg">
      Nothing is on the menu yet. Choose which designs are offered today, and what is promised.
    </p>
  {:else if !board.isOpen}
    <p class="mt-3 text-lg">
      The line is closed. {paints() ? 'Open it to take names.' : 'Whoever paints opens it.'}
    </p>
  {:else}
    <p class="text-soft">
      No. {board.nextNumber} is next{board.moreFaces > 0 && each.length === 0
        ? `, called about ${clockTime(board.nextNameCalledAt, board.day.timezone)}`
        : ''}.
      {#if board.moreFaces === 0}
        <strong class="text-rust"
          >No more faces fit before {clockTime(board.day.closesAt, board.day.timezone)}.</strong
        >
      {/if}
    </p>
    <p class="min-h-12 leading-tight" role="status">
      {#if child !== undefined}
        <span class="minutes text-4xl"
          >{child.number === 0 ? 'A number comes' : `No. ${child.number}`}, about {time(
            window?.about ?? child.callAt,
          )}</span
        >
        <span class="block text-lg text-soft"
          >{child.firstName ?? ''}
          {child.note === UNDECIDED ? `${UNDECIDED}, reckoned with ${child.design}` : child.design}{window ===
            undefined || window.until - window.from < 60_000
            ? ''
            : `, between ${time(window.from)} and ${time(window.until)}`}{child.beforeClosing
            ? ''
            : ', not before closing'}. Slip code {slipCodeOf(child.id)}</span
        >
      {/if}
    </p>
    {#if each.length > 0}
      <ul class="mb-2 flex flex-wrap gap-2" aria-label="Whose line">
        {#each each as one (one.painter)}
          <li>
            <button
              type="button"
              class={['key min-h-12', one.painter === painter && 'bg-brass']}
              aria-pressed={one.painter === painter}
              onclick={() => (chosenLine = one.painter)}
              >{one.name} <span class="ml-1 minutes">{time(one.callAt)}</span>
              <span class="ml-1 text-[15px] font-normal">{one.waiting} waiting</span></button
            >
          </li>
        {/each}
      </ul>
    {/if}
    <label class="mt-1 block font-semibold">
      First name, if they like
      <input
        bind:this={field}
        class="mt-1 field text-xl font-normal"
        maxlength="40"
        autocomplete="off"
        bind:value={firstName}
      />
    </label>
    <p class="mt-3 font-semibold" id="which-design">and the design:</p>
    <ul class="mt-1 grid grid-cols-2 gap-2" aria-labelledby="which-design">
      {#each board.menu as offer (offer.designId)}
        {@const isSoldOut = board.soldOut.includes(offer.designId)}
        {@const plan = line.plan(offer.planId)}
        {@const picture = line.picture(offer)}
        <li>
          <button
            type="button"
            disabled={isSoldOut && !selling}
            class="flex min-h-16 w-full items-center gap-2 overflow-hidden rounded-lg border-2 border-ink px-2 py-1.5 text-left hover:bg-card disabled:opacity-50"
            onclick={() => (selling ? sell(offer.designId, !isSoldOut) : take(offer.designId))}
          >
            <span class="block h-14 w-11 shrink-0" aria-hidden="true">
              {#if picture !== undefined}
                <NearFaceMap
                  title=""
                  placement={picture.placement}
                  steps={picture.steps}
                  look={lookOf(offer.designId)}
                  readOut={false}
                />
              {/if}
            </span>
            <span class="min-w-0 grow">
              <span class="block text-lg leading-tight font-bold">{offer.name}</span>
              {#if isSoldOut || selling}<span class="block text-[15px] font-semibold text-rust"
                  >{isSoldOut ? (selling ? 'put back' : 'sold out') : 'take off for now'}</span
                >{/if}
              <span class="flex justify-between text-[15px] text-soft">
                <span class="minutes">{minutes(offer.promiseMs)}</span><span
                  >{price(offer.priceCents, currency())}</span
                >
              </span>
              {#if plan !== undefined}
                <span class="mt-1 block" aria-hidden="true">
                  <Tape
                    pieces={piecesOf(plan.spans, plan.steps)}
                    to={offer.plannedMs}
                    label=""
                    pixelsPerMinute={SCALE}
                    height={13}
                    ruled={false}
                    words="none"
                  />
                </span>
              {/if}
            </span>
          </button>
        </li>
      {/each}
    </ul>
    <p class="mt-3 flex flex-wrap gap-2">
      {#if middle !== undefined}
        <button type="button" class="key" onclick={() => take(middle.designId, UNDECIDED)}
          >Chooses at the chair</button
        >
      {/if}
      <button type="button" class="key" onclick={() => (pasting = true)}>A whole party</button>
      {#if child !== undefined && child.number > 0}
        <button type="button" class="key" onclick={() => (slipping = true)}>Slip of No. {child.number}</button
        >
      {/if}
      {#if paints()}
        <button type="button" class="key" onclick={() => (sharing = true)}
          >{child === undefined ? 'Board for parents' : `Code of No. ${child.number}`}</button
        >
        <button type="button" class="key" onclick={() => (texting = true)}>Texts</button>
      {/if}
      {#if line.linesEach.length > 1}
        <button
          type="button"
          class="key"
          onclick={() => (linesKept.value = linesKept.value === 'each' ? 'one' : 'each')}
          >{linesKept.value === 'each' ? 'One line for all' : 'A line each'}</button
        >
      {/if}
      <button type="button" class="key" aria-pressed={selling} onclick={() => (selling = !selling)}
        >{selling ? 'Done' : 'Sold out …'}</button
      >
    </p>
    {#if paints()}
      <ForParents {board} bind:open={sharing} {child} />
      <Texts {board} bind:open={texting} />
    {/if}
    {#if child !== undefined}<NumberSlip {board} {child} {window} bind:open={slipping} />{/if}
    <PasteNames {line} {board} bind:open={pasting} taken={(tickets) => (given = tickets[0] ?? '')} />
  {/if}
</section>
