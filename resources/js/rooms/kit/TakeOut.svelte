<script lang="ts">
  import type { KitThing, ThingUses } from '../../api/types.gen';
  import { p } from '../../router';
  import Said from '../../ui/Said.svelte';
  import type { KitWork } from './kit.svelte';
  import Choice from '../../ui/Choice.svelte';

  const { thing, uses, work }: { thing: KitThing; uses: ThingUses; work: KitWork } = $props();

  let instead = $state('');
  const chosen = $derived(uses.instead.find((one) => one.id === instead) ?? null);
</script>

<p class="text-lg">{thing.name} is used here:</p>
<ul class="mt-2 flex max-h-60 flex-col overflow-y-auto">
  {#each uses.designs as design (design.id)}
    <li class="border-t border-seam py-2">
      <a
        class="font-semibold underline underline-offset-4"
        href={p('/designs/:id', { params: { id: design.id } })}>{design.name}</a
      >
      <span class="text-soft">{design.steps.join(', ')}</span>
    </li>
  {/each}
</ul>
{#if uses.instead.length > 0}
  <div class="mt-4">
    <Choice
      label="What takes its place"
      caption="strong"
      bind:value={instead}
      options={[
        { value: '', words: 'nothing: they lack it from now on' },
        ...uses.instead.map(({ id, name }) => ({ value: id, words: name })),
      ]}
    />
  </div>
{:else}
  <p class="mt-4">
    Nothing in the kit could take its place. The designs will show what they lack, and a slower way where
    there is one.
  </p>
{/if}
<Said message={work.form.general} />
<button
  type="button"
  class="mt-5 key min-h-14 text-lg key-ink"
  disabled={work.form.busy}
  onclick={() => work.takeOutFor(thing, chosen)}
  >{chosen === null ? 'Take it out all the same' : `Take it out, ${chosen.name} takes its place`}</button
>
