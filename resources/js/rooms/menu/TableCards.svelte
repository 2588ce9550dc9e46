<script lang="ts">
  import type { OfferSheet } from '../../api/types.gen';
  import DesignPicture from '../../facemap/DesignPicture.svelte';
  import { lookOf } from '../../facemap/looks';
  import { money } from '../../lib/money';
  import { photoOn } from '../../lib/photo';
  import { teamCurrency } from '../../lib/session';
  import { MARGIN, type PaperSize, pagesOf } from './sheets';

  interface Props {
    offers: readonly OfferSheet[];
    size: PaperSize;
    words: { minutes: string };
  }

  const { offers, size, words }: Props = $props();

  const currency = teamCurrency();
  const EACH = 2;
  const high = $derived((size.height - 2 * MARGIN) / EACH);
</script>

<!-- Folded once across the middle of each card, and stood up: the upper half hangs upside down behind. -->
{#each pagesOf(offers, EACH) as page, at (at)}
  <section
    class="paper"
    style:width="{size.width}mm"
    style:height="{size.height}mm"
    style:padding="{MARGIN}mm"
  >
    {#each page as offer (offer.designId)}
      <div class="relative border-b-[0.3mm] border-dashed border-black/50" style:height="{high}mm">
        {#each [true, false] as isBack (isBack)}
          <div
            class={[
              'absolute inset-x-0 flex items-center gap-[6mm] px-[4mm]',
              isBack ? 'top-0 rotate-180' : 'bottom-0',
            ]}
            style:height="{high / 2}mm"
          >
            <div class="h-full w-[36%]">
              <DesignPicture
                photo={photoOn('cards', offer.photo)}
                title={offer.name}
                placement={offer.plan.placement}
                steps={offer.plan.steps}
                look={lookOf(offer.designId)}
              />
            </div>
            <div>
              <p class="font-display leading-tight font-bold" style:font-size="{Math.min(13, high * 0.1)}mm">
                {offer.name}
              </p>
              <p style:font-size="8mm">
                {Math.max(1, Math.ceil(offer.promiseMs / 60_000 - 0.25))}
                {words.minutes}{offer.priceCents === null ? '' : `, ${money(offer.priceCents, currency())}`}
              </p>
            </div>
          </div>
        {/each}
      </div>
    {/each}
  </section>
{/each}
