<script lang="ts">
  import type { Chair } from './chair.svelte';

  const { chair, quicker }: { chair: Chair; quicker: () => void } = $props();
</script>

<div class="grid grid-cols-3 gap-2">
  <button type="button" class="key min-h-14 px-1" disabled={chair.step === undefined} onclick={quicker}
    >Quicker</button
  >
  <button
    type="button"
    class="key min-h-14 px-1 text-[15px]"
    disabled={chair.step === undefined}
    onclick={() => chair.enough()}>Enough, finish</button
  >
  <button
    type="button"
    class="key min-h-14 px-1 text-[15px]"
    disabled={chair.child === null}
    onclick={() => chair.childLeft()}>Child left</button
  >
</div>
