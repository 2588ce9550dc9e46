<script lang="ts">
  import type { Chair } from './chair.svelte';

  /** @param quicker where it is not among the keys already */
  const { chair, quicker }: { chair: Chair; quicker?: () => void } = $props();
</script>

<div class={['grid gap-2', quicker === undefined ? 'grid-cols-2' : 'grid-cols-3']}>
  {#if quicker !== undefined}
    <button type="button" class="key min-h-14 px-1" disabled={chair.step === undefined} onclick={quicker}
      >Quicker</button
    >
  {/if}
  <button
    type="button"
    class="key min-h-14 px-1 text-[15px]"
    disabled={chair.step === undefined}
    onclick={() => chair.finish()}>Enough, finish</button
  >
  <button
    type="button"
    class="key min-h-14 px-1 text-[15px]"
    disabled={chair.child === null}
    onclick={() => chair.childLeft()}>Child left</button
  >
</div>
