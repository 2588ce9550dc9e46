<script lang="ts">
  import type { ComponentProps } from 'svelte';
  import { Near } from '../ui/near.svelte';
  import FaceMap from './FaceMap.svelte';

  const props: ComponentProps<typeof FaceMap> = $props();

  const near = new Near();
</script>

<!-- One of many pictures: drawn once it comes near the screen. -->
<span class="block size-full" {@attach near.watch}
  >{#if near.is}<FaceMap {...props} />{/if}</span
>
