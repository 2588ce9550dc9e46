<script lang="ts">
  import type { PainterName } from '../../api/types.gen';
  import { TEAMS } from './bags';

  interface Props {
    painters: readonly PainterName[];
    /** Whose bag is looked into; null for all. */
    bag: string | null;
  }

  let { painters, bag = $bindable() }: Props = $props();

  const bags = $derived([
    { id: null, name: 'Everything' },
    { id: TEAMS, name: 'The team’s' },
    ...painters.map(({ id, name }) => ({ id, name: `${name}’s bag` })),
  ]);
</script>

<div class="flex flex-wrap gap-x-6" role="group" aria-label="Whose things are shown">
  {#each bags as { id, name } (id)}
    <button
      type="button"
      aria-pressed={bag === id}
      class={[
        'min-h-11 text-lg font-semibold underline-offset-8',
        bag === id ? 'underline decoration-brass decoration-4' : 'text-soft hover:text-ink',
      ]}
      onclick={() => (bag = id)}>{name}</button
    >
  {/each}
</div>
