<script lang="ts">
  import { MenuGroupValues, type OfferSheet } from '../../api/types.gen';
  import { minutes } from '../../lib/minutes';
  import type { MenuWork } from './menu.svelte';
  import { GROUPS } from './words';
  import Choice from '../../ui/Choice.svelte';

  const { offer, at, work }: { offer: OfferSheet; at: number; work: MenuWork } = $props();

  function versionOf({ name, middleMs, share }: OfferSheet['rungs'][number]): string {
    const look = share < 0.995 ? `, ${Math.round(100 * share)} of 100 of its look` : '';

    return `${name ?? 'the whole design'}, ${minutes(middleMs)}${look}`;
  }
</script>

<p class="flex flex-wrap items-center gap-x-3 gap-y-1 pt-1">
  <Choice
    class="w-auto px-2"
    label="Version of {offer.name}"
    value={offer.rung}
    options={offer.rungs.map((rung) => ({ value: rung.name, words: versionOf(rung) }))}
    onchoose={(rung) =>
      // What was promised of another version says nothing of this one.
      work.change(`Another version of ${offer.name}.`, offer.designId, { rung, promiseMs: null })}
  />
  <Choice
    class="w-auto px-2"
    label="For whom {offer.name} is"
    value={offer.group}
    options={[
      { value: null, words: 'for anybody' },
      ...MenuGroupValues.map((value) => ({ value, words: GROUPS[value] })),
    ]}
    onchoose={(group) => work.change(`${offer.name} stands elsewhere.`, offer.designId, { group })}
  />
  <button
    type="button"
    class="key-word"
    aria-label="Take {offer.name} off"
    onclick={() => work.takeOff(offer.designId, offer.name)}>Take off</button
  >
  {#if !offer.isRanked}<span class="text-soft" role="status">Working out its shorter versions…</span>{/if}
  {#if at > 0}
    <button type="button" class="key-word sm:hidden" onclick={() => work.move(at, at - 1)}>Move up</button>
  {/if}
</p>
