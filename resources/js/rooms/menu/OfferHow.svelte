<script lang="ts">
  import { MenuGroupValues, type OfferSheet, RungNameValues } from '../../api/types.gen';
  import { minutes } from '../../lib/minutes';
  import type { MenuWork } from './menu.svelte';
  import { GROUPS } from './words';

  const { offer, at, work }: { offer: OfferSheet; at: number; work: MenuWork } = $props();
</script>

<p class="flex flex-wrap items-center gap-x-3 gap-y-1 pt-1">
  <select
    class="field w-auto px-2"
    aria-label="Version of {offer.name}"
    value={offer.rung ?? ''}
    onchange={({ currentTarget: { value } }) =>
      work.change(`Another version of ${offer.name}.`, offer.designId, {
        rung: RungNameValues.find((name) => name === value) ?? null,
        // What was promised of another version says nothing of this one.
        promiseMs: null,
      })}
  >
    {#each offer.rungs as rung (rung.name)}
      <option value={rung.name ?? ''}
        >{rung.name ?? 'the whole design'}, {minutes(rung.middleMs)}{rung.share < 0.995
          ? `, ${Math.round(100 * rung.share)} of 100 of its look`
          : ''}</option
      >
    {/each}
  </select>
  <select
    class="field w-auto px-2"
    aria-label="For whom {offer.name} is"
    value={offer.group ?? ''}
    onchange={({ currentTarget: { value } }) =>
      work.change(`${offer.name} stands elsewhere.`, offer.designId, {
        group: MenuGroupValues.find((group) => group === value) ?? null,
      })}
  >
    <option value="">for anybody</option>
    {#each MenuGroupValues as group (group)}<option value={group}>{GROUPS[group]}</option>{/each}
  </select>
  <button
    type="button"
    class="min-h-11 underline underline-offset-4"
    aria-label="Take {offer.name} off"
    onclick={() => work.takeOff(offer.designId, offer.name)}>Take off</button
  >
  {#if at > 0}
    <button
      type="button"
      class="min-h-11 underline underline-offset-4 sm:hidden"
      onclick={() => work.move(at, at - 1)}>Move up</button
    >
  {/if}
</p>
