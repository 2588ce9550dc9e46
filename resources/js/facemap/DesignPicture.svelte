<script lang="ts">
  import type { ComponentProps } from 'svelte';
  import FaceMap from './FaceMap.svelte';

  interface Props extends ComponentProps<typeof FaceMap> {
    /** Where the painter's own photo is fetched from; the drawing where there is none, or it cannot be fetched. */
    photo: string | null;
  }

  const { photo, ...drawn }: Props = $props();

  let failed = $state<string | null>(null);
</script>

{#if photo !== null && photo !== failed}
  <img
    src={photo}
    alt={drawn.title}
    class="size-full object-contain"
    loading="lazy"
    onerror={() => (failed = photo)}
  />
{:else}
  <FaceMap {...drawn} />
{/if}
