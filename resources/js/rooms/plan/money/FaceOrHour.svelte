<script lang="ts">
  import type { MoneySheet } from '../../../api/types.gen';
  import { expected, onDays } from '../forecast/answers';

  const { sheet }: { sheet: MoneySheet } = $props();

  const amount = (cents: number) => expected(cents, sheet.currency);
  const both = $derived(sheet.faceOrHour);
  const far = $derived(
    Math.max(1, both?.highCents ?? 0, both?.byHourCents ?? 0, both?.byFaceCents ?? 0) * 1.05,
  );
  const near = $derived(Math.min(0, both?.lowCents ?? 0, both?.byHourCents ?? 0));
  const at = (cents: number) => `${((cents - near) / (far - near)) * 100}%`;
  const hourRate = $derived(sheet.terms.offeredHourCents ?? sheet.terms.hourCents);
  const better = $derived(
    both === null
      ? ''
      : both.faceWins >= 0.5
        ? `By the face brings more ${onDays(both.faceWins)}.`
        : `By the hour brings more ${onDays(1 - both.faceWins)}.`,
  );
</script>

<section class="print:hidden" aria-labelledby="face-or-hour">
  <h2 id="face-or-hour" class="text-2xl">By the face, or by the hour?</h2>
  {#if both === null}
    <p class="text-lg text-soft">
      No design of this day has a price yet, so there is nothing to hold an hour against.
    </p>
  {:else}
    <p class="mt-1 text-lg">
      {better} At {amount(both.evenHourCents)} an hour for each artist they come to the same.
    </p>
    <dl class="mt-3 grid grid-cols-[7rem_1fr] items-center gap-x-4 gap-y-3 text-lg">
      <dt>By the face</dt>
      <dd class="relative h-12 border-b-2 border-ink">
        <span
          class="absolute bottom-0 h-5 border border-ink bg-brass"
          style:left={at(both.lowCents)}
          style:width="calc({at(both.highCents)} - {at(both.lowCents)})"
        ></span>
        <span class="absolute bottom-0 h-7 w-1 bg-ink" style:left={at(both.byFaceCents)}></span>
        <span class="absolute -top-1 -translate-x-1/2 minutes" style:left={at(both.byFaceCents)}
          >{amount(both.byFaceCents)}</span
        >
      </dd>
      <dt>By the hour</dt>
      <dd class="relative h-12 border-b-2 border-ink">
        <span class="absolute bottom-0 h-7 w-1 bg-ink" style:left={at(both.byHourCents)}></span>
        <span class="absolute -top-1 -translate-x-1/2 minutes" style:left={at(both.byHourCents)}
          >{amount(both.byHourCents)}</span
        >
      </dd>
    </dl>
    <p class="mt-2 text-soft">
      What stays after the way, the place and the materials. By the face: {amount(both.lowCents)} to {amount(
        both.highCents,
      )} on 8 days of 10. By the hour: {amount(hourRate)} for each artist’s hour at the chair{sheet.terms
        .offeredHourCents === null
        ? ', your own wish, as nobody has offered one'
        : ''}, and nothing for the place.
    </p>
  {/if}
</section>
