<script lang="ts">
  import { childName } from '../../line/line';
  import type { Chair } from './chair.svelte';
  import ChairEndings from './ChairEndings.svelte';

  interface Props {
    chair: Chair;
    /** The big button, once for each tap. */
    press: (event: Event) => void;
    quicker: () => void;
  }

  const { chair, press, quicker }: Props = $props();

  const words = $derived.by(() => {
    switch (chair.move) {
      case 'done':
        return chair.nextStep === undefined ? 'Done, face painted' : 'Done, next step';
      case 'ask':
        return chair.answers.length === 0 ? 'All is well, begin' : 'Begin like that';
      case 'refuse':
        return 'Not painted, chair free';
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
    class="key h-20 flex-col gap-0.5 text-2xl leading-tight font-bold key-ink md:h-24 low:h-20"
    disabled={chair.move === 'wait'}
    onclick={press}
    ><span class="line-clamp-2">{words}</span><span class="hidden text-sm font-normal opacity-80 md:block"
      >space bar or pedal</span
    ></button
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
    <button type="button" class="key min-h-14 px-1" disabled={!painting} onclick={() => chair.skip()}
      >Skip</button
    >
  </div>
  <ChairEndings {chair} {quicker} />
</div>
