<script lang="ts">
  import type { Chair } from './chair.svelte';

  const { chair }: { chair: Chair } = $props();
</script>

<div class="grid grid-cols-2 gap-2">
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
