<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { everyPage } from '../../api/pages';
  import type { DesignTape, MenuSheet } from '../../api/types.gen';
  import { minutes } from '../../lib/minutes';
  import type { MenuWork } from './menu.svelte';

  const { sheet, work }: { sheet: MenuSheet; work: MenuWork } = $props();

  const designs = createQuery(() => ({
    queryKey: ['designs', 'whole'],
    queryFn: () => everyPage<DesignTape>('designs'),
  }));
  const others = $derived(
    (designs.data ?? []).filter(
      (design) =>
        design.totalMs > 0 &&
        !design.archived &&
        !sheet.offers.some(({ designId }) => designId === design.id),
    ),
  );
</script>

{#if others.length > 0}
  <section class="border-t-2 border-ink pt-3" aria-labelledby="not-on">
    <h2 id="not-on" class="text-xl">Not on it</h2>
    <ul class="mt-1 flex flex-wrap gap-2">
      {#each others as design (design.id)}
        <li>
          <button type="button" class="key" onclick={() => work.add(design.id, design.name)}
            ><span aria-hidden="true">+</span>
            {design.name} <span class="minutes text-soft">{minutes(design.totalMs)}</span></button
          >
        </li>
      {/each}
    </ul>
  </section>
{/if}
