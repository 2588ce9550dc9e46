<script lang="ts">
  import type { MoneySheet } from '../../../api/types.gen';
  import { minutes } from '../../../lib/minutes';
  import { money } from '../../../lib/money';
  import { expected } from '../forecast/answers';
  import { comesBack } from './money.svelte';

  const { sheet }: { sheet: MoneySheet } = $props();

  const amount = (cents: number) => money(cents, sheet.currency);
  const longest = $derived(Math.max(1, ...sheet.designs.map(({ chairMs }) => chairMs)));
  const hour = $derived(amount(sheet.terms.hourCents));

  const back = $derived(comesBack(sheet, amount));
</script>

<section class="print:hidden" aria-labelledby="face-price">
  <h2 id="face-price" class="text-2xl">What a face has to cost</h2>
  {#if sheet.faceCents === null}
    <p class="text-lg">No face is painted on the day as it is planned, so none has a price.</p>
  {:else}
    <p class="mt-1 text-lg">
      <span class="minutes text-4xl">{amount(sheet.faceCents)}</span>
      in the mean, for {hour} an hour on a usual day of {Math.round(sheet.faces)} faces{sheet.faceFewCents ===
        null || sheet.faceFewCents === sheet.faceCents
        ? ''
        : `; ${amount(sheet.faceFewCents)} on a lean one of ${sheet.facesFew}`}.
    </p>
    <p class="text-lg">{back}</p>
    <table class="mt-4 w-full text-lg">
      <thead class="text-left text-base text-soft">
        <tr>
          <th class="py-1 font-normal" scope="col">Design, and how long it keeps a chair</th>
          <th class="px-2 text-right font-normal" scope="col">to ask</th>
          <th class="px-2 text-right font-normal" scope="col">on the menu</th>
          <th class="px-2 text-right font-normal max-sm:hidden" scope="col">a chair’s hour of it</th>
        </tr>
      </thead>
      <tbody>
        {#each sheet.designs as design (design.designId)}
          <tr class="border-t border-seam">
            <th class="py-1.5 text-left font-semibold [overflow-wrap:anywhere]" scope="row">
              {design.name}
              <span class="flex items-center gap-2 font-normal">
                <span
                  class="block h-3 border border-ink bg-brass"
                  style:width="{(design.chairMs / longest) * 9}rem"
                ></span>
                <span class="minutes text-base">{minutes(design.chairMs)}</span>
              </span>
            </th>
            <td class="px-2 text-right minutes"
              >{design.wantedCents === null ? '' : amount(design.wantedCents)}</td
            >
            <td
              class="px-2 text-right minutes {design.wantedCents !== null &&
              design.priceCents > 0 &&
              design.priceCents < design.wantedCents
                ? 'text-rust'
                : ''}">{design.priceCents === 0 ? 'none' : amount(design.priceCents)}</td
            >
            <td class="px-2 text-right minutes max-sm:hidden"
              >{design.priceCents === 0 ? '' : expected(design.anHourCents, sheet.currency)}</td
            >
          </tr>
        {/each}
      </tbody>
    </table>
    <p class="mt-2 text-soft">
      “To ask” shares the wished hours and what is laid out over the minutes that a design keeps a chair, the
      turnaround in them.
    </p>
  {/if}
</section>
