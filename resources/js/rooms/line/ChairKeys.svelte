<script lang="ts">
  import { childName } from '../../line/line';
  import type { Chair } from './chair.svelte';

  const { chair, quicker }: { chair: Chair; quicker: () => void } = $props();

  const words = $derived.by(() => {
    switch (chair.move) {
      case 'done':
        return chair.nextStep === undefined ? 'Done, face painted' : 'Done, next step';
      case 'resume':
        return 'Go on';
      case 'free':
        return 'Child is off, chair free';
      case 'back':
        return 'Back, go on';
      case 'next':
      case 'seat':
        return chair.next === undefined ? '' : `Seat ${childName(chair.next)}`;
      case 'wait':
        return chair.next === undefined ? 'Nobody to seat' : 'One moment …';
    }
  });
  const painting = $derived(chair.step !== undefined);
</script>

<div class="mt-auto flex flex-col gap-2">
  <button
    type="button"
    class="key min-h-20 flex-col gap-0.5 text-2xl leading-tight font-bold key-ink md:min-h-24"
    disabled={chair.move === 'wait'}
    onclick={() => chair.press()}
    >{words}<span class="hidden text-sm font-normal opacity-80 md:block">space bar or pedal</span></button
  >
  <div class="grid grid-cols-4 gap-2 md:grid-cols-3">
    <button
      type="button"
      class="key min-h-14 px-1"
      disabled={(chair.state?.undoable.length ?? 0) === 0}
      onclick={() => chair.undo()}>Undo</button
    >
    <button type="button" class="key min-h-14 px-1" disabled={!painting} onclick={() => chair.togglePause()}
      >{chair.child?.pausedAt == null ? 'Pause' : 'Go on'}</button
    >
    <button type="button" class="key min-h-14 px-1" disabled={!painting} onclick={() => chair.skip()}
      >Skip</button
    >
    <button type="button" class="key min-h-14 px-1 md:hidden" disabled={!painting} onclick={quicker}
      >Quicker</button
    >
  </div>
</div>
