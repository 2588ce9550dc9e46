<script lang="ts">
  import { type Chair, childName } from './chair.svelte';

  const { chair }: { chair: Chair } = $props();

  const words = $derived.by(() => {
    switch (chair.move) {
      case 'done':
        return chair.nextStep === undefined ? 'Done, face painted' : 'Done, next step';
      case 'resume':
        return 'Go on';
      case 'free':
        return 'Child is off, chair free';
      case 'next':
      case 'seat':
        return chair.next === undefined ? '' : `Seat ${childName(chair.next)}`;
      case 'wait':
        return 'Nobody to seat';
    }
  });
  const painting = $derived(chair.step !== undefined);
</script>

<div class="mt-auto flex flex-col gap-2.5">
  <button
    type="button"
    class="key key-ink min-h-24 text-2xl leading-tight font-bold md:min-h-[104px]"
    disabled={chair.move === 'wait'}
    onclick={() => chair.press()}>{words}</button
  >
  <div class="grid grid-cols-3 gap-2">
    <button
      type="button"
      class="key min-h-14 px-1"
      disabled={(chair.state?.undoable.length ?? 0) === 0}
      onclick={() => chair.undo()}>Undo</button
    >
    <button type="button" class="key min-h-14 px-1" disabled={!painting} onclick={() => chair.togglePause()}
      >{chair.child?.pausedAt == null ? 'Pause' : 'Go on'}</button
    >
    <button type="button" class="key min-h-14 px-1" disabled={!painting} onclick={() => chair.skip()}>Skip</button>
  </div>
  <div class={['grid grid-cols-2 gap-2', !painting && 'max-md:hidden']}>
    <button type="button" class="key min-h-14 px-1 text-[15px]" disabled={!painting} onclick={() => chair.finish()}
      >Enough, finish</button
    >
    <button
      type="button"
      class="key min-h-14 px-1 text-[15px]"
      disabled={chair.child === null}
      onclick={() => chair.childLeft()}>Child left</button
    >
  </div>
  <p class="text-soft hidden text-center text-[15px] md:block">Space or the pedal: the big button</p>
</div>
