<script lang="ts">
  import type { ComponentProps } from 'svelte';
  import { Near } from '../ui/near.svelte';
  import DesignPicture from './DesignPicture.svelte';
  import type FaceMap from './FaceMap.svelte';

  const { photo = null, ...drawn }: ComponentProps<typeof FaceMap> & { photo?: string | null } = $props();

  const near = new Near();
</script>

<!-- One of many pictures: drawn once it comes near the screen. -->
<span class="block size-full" {@attach near.watch}
  >{#if near.is}<DesignPicture {photo} {...drawn} />{/if}</span
>
