<script lang="ts">
  import type { MenuGroup, OfferSheet } from '../../api/types.gen';
  import DesignPicture from '../../facemap/DesignPicture.svelte';
  import { lookOf } from '../../facemap/looks';
  import { money } from '../../lib/money';
  import { photoOn } from '../../lib/photo';
  import { teamCurrency } from '../../lib/session';
  import { type BoardLayout, MARGIN, pagesOf } from './sheets';

  interface Props {
    offers: readonly OfferSheet[];
    layout: BoardLayout;
    words: { title: string; minutes: string; point: string; free: string; ask: string } & Record<
      MenuGroup,
      string
    >;
    /** With pictures and words, with pictures alone, or with words alone. */
    kind: 'board' | 'point' | 'plain';
  }

  const { offers, layout, words, kind }: Props = $props();

  const currency = teamCurrency();
  /** Half minutes are not promised on a board. */
  const about = (ms: number) => `${Math.max(1, Math.ceil(ms / 60_000 - 0.25))} ${words.minutes}`;
  const isPriced = $derived(offers.some((offer) => offer.priceCents !== null));
  const plainMm = $derived(
    Math.min(
      26,
      (layout.height - 2 * MARGIN - 26) /
        Math.ceil(offers.length / Math.ceil(offers.length / layout.perPage)) /
        1.45,
    ),
  );
</script>

{#each pagesOf(offers, layout.perPage) as page, at (at)}
  <section
    class="paper"
    style:width="{layout.width}mm"
    style:height="{layout.height}mm"
    style:padding="{MARGIN}mm"
  >
    <div class="flex h-[26mm] items-start justify-between gap-[6mm]">
      <h2 style:font-size="13mm" style:line-height="1">{kind === 'point' ? words.point : words.title}</h2>
      {#if kind !== 'point'}<p class="max-w-[70mm] text-right" style:font-size="4.2mm">{words.ask}</p>{/if}
    </div>
    {#if kind === 'plain'}
      <ul>
        {#each page as offer (offer.designId)}
          <li
            class="flex items-baseline justify-between gap-[5mm] border-t-[0.5mm] border-black"
            style:height="{plainMm * 1.45}mm"
            style:font-size="{Math.min(
              plainMm,
              (layout.width - 2 * MARGIN) / (offer.name.length + 12) / 0.56,
            )}mm"
          >
            <strong class="whitespace-nowrap">{offer.name}</strong>
            <span class="whitespace-nowrap"
              >{about(offer.promiseMs)}{isPriced && offer.priceCents !== null
                ? `  ${money(offer.priceCents, currency())}`
                : ''}</span
            >
          </li>
        {/each}
      </ul>
    {:else}
      <ul class="grid" style:grid-template-columns="repeat({layout.columns}, {layout.cellWidth}mm)">
        {#each page as offer (offer.designId)}
          <li
            class="flex flex-col items-center overflow-hidden px-[2mm] text-center"
            style:height="{layout.cellHeight}mm"
          >
            <div class="min-h-0 w-full grow">
              <DesignPicture
                photo={photoOn('cards', offer.photo)}
                title={offer.name}
                placement={offer.plan.placement}
                steps={offer.plan.steps}
                look={lookOf(offer.designId)}
              />
            </div>
            {#if kind === 'board'}
              <p class="font-display leading-none font-bold" style:font-size="{layout.nameMm}mm">
                {offer.name}
              </p>
              <p class="pb-[2mm]" style:font-size="{layout.nameMm * 0.72}mm">
                {about(offer.promiseMs)}{isPriced
                  ? `, ${offer.priceCents === null ? words.free : money(offer.priceCents, currency())}`
                  : ''}{offer.group === null ? '' : `, ${words[offer.group]}`}
              </p>
            {/if}
          </li>
        {/each}
      </ul>
    {/if}
  </section>
{/each}
