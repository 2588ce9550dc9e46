<script lang="ts">
  import type { DesignTape } from '../../../api/types.gen';
  import DesignPicture from '../../../facemap/DesignPicture.svelte';
  import { lookOf } from '../../../facemap/looks';

  import { minutes } from '../../../lib/minutes';
  import { placementNames } from '../../../api/tables.gen';
  import { photoOn } from '../../../lib/photo';
  import { p } from '../../../router';
  import Tape from '../../../tape/Tape.svelte';
  import { piecesOf } from '../../../tape/tape';
  import { Near } from '../../../ui/near.svelte';
  import DesignKeys from './DesignKeys.svelte';
  import type { ShelfWork } from './designs.svelte';
  import type { Shelf } from './shelf.svelte';
  import Tick from '../../../ui/Tick.svelte';

  interface Props {
    design: DesignTape;
    shelf: Shelf;
    work: ShelfWork;
    pixelsPerMinute: number;
  }

  const { design, shelf, work, pixelsPerMinute }: Props = $props();

  const near = new Near();
  const path = $derived(p('/designs/:id', { params: { id: design.id } }));
</script>

<li
  {@attach near.watch}
  class="grid grid-cols-[84px_1fr_auto] items-center gap-x-4 border-t border-seam py-2 md:grid-cols-[84px_230px_1fr_auto] md:gap-x-5"
>
  <a class="h-[104px] max-md:row-span-2" tabindex="-1" aria-hidden="true" href={path}>
    {#if near.is}<DesignPicture
        photo={photoOn('team', design.photo)}
        title={design.name}
        placement={design.placement}
        steps={design.steps}
        look={lookOf(design.id)}
      />{/if}
  </a>
  <div class="min-w-0">
    <h2 class="text-[22px]"><a class="hover:underline" href={path}>{design.name}</a></h2>
    <p class="text-soft">
      <span class="minutes text-xl text-ink">{minutes(design.totalMs)}</span>
      {placementNames[design.placement]}{design.promiseMs === null
        ? ''
        : ` · promise ${minutes(design.promiseMs)}`}
    </p>
    {#if design.tags.length > 0}<p class="text-[15px] text-soft">{design.tags.join(' · ')}</p>{/if}
  </div>
  <a
    class="block min-w-0 overflow-hidden py-1 max-md:col-span-2 max-md:col-start-2"
    href={path}
    tabindex="-1"
  >
    {#if design.totalMs === 0}
      <span class="text-soft">No steps yet: open it and type the first.</span>
    {:else if near.is}
      <Tape
        pieces={piecesOf(design.spans, design.steps)}
        to={design.totalMs}
        label="{design.name}, {minutes(design.totalMs)}"
        {pixelsPerMinute}
        height={26}
        words="none"
      />
    {/if}
  </a>
  <div class="max-md:col-start-3 max-md:row-start-1">
    {#if shelf.isChoosing}
      <label class="grid size-14 cursor-pointer place-items-center">
        <Tick
          name="Choose {design.name}"
          checked={shelf.isChosen(design.id)}
          onturn={() => shelf.choose(design.id)}
        />
      </label>
    {:else}<DesignKeys {design} {shelf} {work} />{/if}
  </div>
</li>
