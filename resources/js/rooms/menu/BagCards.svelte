<script lang="ts">
  import type { OfferSheet } from '../../api/types.gen';
  import DesignPicture from '../../facemap/DesignPicture.svelte';
  import { lookOf } from '../../facemap/looks';
  import { minutes } from '../../lib/minutes';
  import { photoOn } from '../../lib/photo';
  import Tape from '../../tape/Tape.svelte';
  import { INCH, piecesOf } from '../../tape/tape';
  import { MARGIN, type PaperSize, strips } from './sheets';

  const { offers, size }: { offers: readonly OfferSheet[]; size: PaperSize } = $props();

  const room = $derived(size.width - 2 * MARGIN);

  /** What is laid out for it: tools first, then colours, each once. */
  function tableOf({ plan }: OfferSheet): { tools: string[]; colours: { name: string; hex: string }[] } {
    const colours = new Map(plan.steps.flatMap((step) => step.colours.map((one) => [one.hex, one] as const)));

    return {
      tools: [...new Set(plan.steps.map(({ tool }) => tool).filter((tool) => tool !== ''))],
      colours: [...colours.values()],
    };
  }
</script>

{#each offers as offer (offer.designId)}
  {@const table = tableOf(offer)}
  {@const pieces = piecesOf(offer.plan.spans, offer.plan.steps)}
  <section
    class="paper"
    style:width="{size.width}mm"
    style:min-height="{size.height}mm"
    style:padding="{MARGIN}mm"
    style:font-size="4mm"
  >
    <div class="flex gap-[6mm]">
      <div class="h-[62mm] w-[50mm] shrink-0">
        <DesignPicture
          photo={photoOn('cards', offer.photo)}
          title={offer.name}
          placement={offer.plan.placement}
          steps={offer.plan.steps}
          look={lookOf(offer.designId)}
        />
      </div>
      <div>
        <h2 style:font-size="11mm">{offer.name}</h2>
        <p style:font-size="6mm" class="minutes">
          {minutes(offer.middleMs)}, promise {minutes(offer.promiseMs)}{offer.rung === null
            ? ''
            : `, ${offer.rung}`}
        </p>
        <p class="mt-[2mm]"><strong>On the table:</strong> {table.tools.join(', ')}</p>
        <p class="mt-[1mm] flex flex-wrap items-center gap-x-[3mm]">
          {#each table.colours as colour (colour.hex)}
            <span class="inline-flex items-center gap-[1mm]"
              ><span class="inline-block size-[4mm] border border-black" style:background={colour.hex}
              ></span>{colour.name}</span
            >
          {/each}
        </p>
      </div>
    </div>
    <ol class="mt-[4mm] grid grid-cols-2 gap-x-[8mm]">
      {#each offer.plan.steps as step, at (step.id)}
        <li class="flex justify-between gap-[3mm] border-t-[0.2mm] border-black/40 py-[0.6mm]">
          <span><strong>{at + 1}</strong> {step.name}{step.tool === '' ? '' : `, ${step.tool}`}</span>
          <span class="minutes">{minutes(step.plannedMs)}</span>
        </li>
      {/each}
    </ol>
    {#each strips(offer.plan.totalMs, room) as { from, until }, at (from)}
      <div class="mt-[3mm]" data-strip>
        {#if at > 0}<p style:font-size="3.4mm">⟵ joins at {minutes(from)}</p>{/if}
        <div class="overflow-hidden" style:width="{room}mm">
          <Tape
            pieces={pieces
              .filter((piece) => piece.start < until && piece.start + piece.length > from)
              .map((piece) => ({
                ...piece,
                start: Math.max(piece.start, from),
                length: Math.min(piece.start + piece.length, until) - Math.max(piece.start, from),
              }))}
            {from}
            to={until}
            pixelsPerMinute={INCH}
            label="The tape of {offer.name}, {minutes(from)} to {minutes(until)}"
          />
        </div>
      </div>
    {/each}
  </section>
{/each}
