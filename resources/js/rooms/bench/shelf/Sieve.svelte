<script lang="ts">
  import { PlacementValues } from '../../../api/types.gen';
  import { placementNames } from '../../../api/tables.gen';
  import Sheet from '../../../ui/Sheet.svelte';
  import { orders, type Shelf } from './shelf.svelte';
  import Choice from '../../../ui/Choice.svelte';
  import Tick from '../../../ui/Tick.svelte';

  const { shelf }: { shelf: Shelf } = $props();

  let open = $state(false);
</script>

{#snippet sieves()}
  <Choice
    label="Painted on"
    caption="strong"
    class="w-32"
    bind:value={shelf.placement}
    options={[
      { value: '', words: 'anywhere' },
      ...PlacementValues.map((value) => ({ value, words: placementNames[value] })),
    ]}
  />
  {#if shelf.tags.length > 0}
    <Choice
      label="Tag"
      caption="strong"
      class="w-28"
      bind:value={shelf.tag}
      options={[{ value: '', words: 'any' }, ...shelf.tags.map((value) => ({ value, words: value }))]}
    />
  {/if}
  <Choice
    label="Done within"
    caption="strong"
    class="w-28"
    bind:value={shelf.within}
    options={[0, 1, 2, 3, 4, 5].map((value) => ({ value, words: value === 0 ? 'any time' : `${value} min` }))}
  />
  <Choice
    label="Order by"
    caption="strong"
    class="w-32"
    bind:value={shelf.order}
    options={orders.map((value) => ({ value, words: value }))}
  />
  <Tick bind:checked={shelf.gentle}>spares eyes and lips</Tick>
  <Tick bind:checked={shelf.archived}>put away</Tick>
{/snippet}

<search
  class="mb-4 flex flex-wrap items-end gap-x-3 gap-y-3 max-md:flex-nowrap max-md:gap-x-2"
  aria-label="Find a design"
>
  <label class="flex min-w-0 grow basis-52 flex-col font-semibold max-md:basis-0 sm:max-w-60">
    <span class="max-md:sr-only">Find</span>
    <input
      id="find-design"
      type="search"
      class="field font-normal md:mt-1"
      placeholder="seal, sea, glitter …"
      bind:value={shelf.search}
    />
  </label>
  <div class="contents max-md:hidden">{@render sieves()}</div>
  <button
    type="button"
    class={['key px-3 md:hidden', shelf.isSifted && 'bg-brass']}
    onclick={() => (open = true)}>Sieve</button
  >
  <fieldset class="ml-auto flex">
    <legend class="sr-only">Show as</legend>
    {#each ['tapes', 'pictures'] as const as view (view)}
      <label
        class="key cursor-pointer px-3 first-of-type:rounded-r-none last-of-type:-ml-0.5 last-of-type:rounded-l-none has-checked:key-ink has-focus-visible:outline-3"
      >
        <input type="radio" class="sr-only" name="view" value={view} bind:group={shelf.view} />{view}
      </label>
    {/each}
  </fieldset>
</search>
<Sheet bind:open title="Which designs">
  <div class="flex flex-wrap items-end gap-x-4 gap-y-3">{@render sieves()}</div>
</Sheet>
