<script lang="ts">
  import { Dialog } from 'bits-ui';
  import type { Plan } from '../../api/types.gen';
  import FaceMap from '../../facemap/FaceMap.svelte';
  import { lookOf } from '../../facemap/looks';
  import { minutes } from '../../lib/minutes';
  import { Tour, type TourKey } from './tour.svelte';

  let { open = $bindable(), plan }: { open: boolean; plan: Plan } = $props();

  const CHILD = 'No. 1 Mim';
  let tour = $state.raw(new Tour([]));

  $effect(() => {
    if (open) {
      tour = new Tour(plan.steps);
    }
  });

  const says = $derived.by(() => {
    switch (tour.scene) {
      case 'seat':
        return `${CHILD} stands there and wants ${plan.name}. The big button always does what comes next: it seats her. The space bar and a foot pedal press it too.`;
      case 'ask':
        return 'First you ask what has to be asked: skin, allergies, a sore place. What you mark is heeded. Here all is well.';
      case 'paint':
        return 'One step at a time, in large letters, with its tool and its colour; the picture shows where. When it is painted, press the big button.';
      case 'undo':
        return 'Tapped too early? Undo takes the last tap back, and the one before it. Nothing is lost by a wrong tap.';
      case 'quicker':
        return 'The line is long. Quicker leaves out what is seen least, and says what it saves.';
      case 'go on':
        return tour.savedMs === 0
          ? 'The last step is back. Paint on.'
          : `${minutes(tour.savedMs)} less, and it still looks finished. Paint on.`;
      case 'painted':
        return 'Painted. The clock now runs for mirror, photo and wiping down, until the child is off the chair.';
      case 'over':
        return 'That was all of it. Nothing of this was kept: Mim never was.';
    }
  });
  const big = $derived.by(() => {
    switch (tour.scene) {
      case 'seat':
        return `Seat ${CHILD}`;
      case 'ask':
        return 'All is well, begin';
      case 'painted':
        return 'Child is off, chair free';
      case 'over':
        return '';
      default:
        return 'Done, next step';
    }
  });

  const isAsked = (key: TourKey) => tour.wanted === key && tour.scene !== 'over';
  const asked = 'outline-4 outline-offset-4 outline-brass';
</script>

{#snippet key(name: TourKey, words: string, look: string)}
  <button
    type="button"
    class={['key', look, isAsked(name) && asked]}
    disabled={!isAsked(name)}
    onclick={() => tour.press(name)}>{words}</button
  >
{/snippet}

<Dialog.Root bind:open>
  <Dialog.Portal>
    <Dialog.Overlay class="fixed inset-0 z-40 bg-[#1b2630]/45" />
    <Dialog.Content
      class="fixed inset-x-0 bottom-0 z-50 mx-auto flex max-h-[96dvh] w-full max-w-4xl flex-col overflow-y-auto rounded-t-xl border-2 border-b-0 border-ink bg-paper sm:top-[6dvh] sm:bottom-auto sm:rounded-xl sm:border-b-2"
    >
      <div class="bg-brass px-4 py-3 sm:px-6">
        <div class="flex items-center justify-between gap-4">
          <Dialog.Title class="text-[15px] font-bold">A made-up child</Dialog.Title>
          <Dialog.Close class="key shrink-0"
            >{tour.scene === 'over' ? 'To the chair' : 'Skip the tour'}</Dialog.Close
          >
        </div>
        <p class="min-h-[4lh] text-lg sm:min-h-[2lh] sm:text-xl" aria-live="polite">{says}</p>
      </div>
      <div class="grid grid-cols-[minmax(110px,34%)_1fr] gap-4 p-4 sm:gap-8 sm:p-6">
        <div class="h-44 sm:h-80">
          <FaceMap
            title={plan.name}
            placement={plan.placement}
            steps={plan.steps.filter(({ id }) => !tour.skipped.includes(id))}
            painted={tour.done.length}
            ghosts={tour.step !== undefined}
            current={tour.step}
            look={lookOf(CHILD)}
            readOut={false}
          />
        </div>
        <div class="flex flex-col">
          {#if tour.step !== undefined}
            <p class="text-soft">step {tour.done.length + 1} of {plan.steps.length - tour.skipped.length}</p>
            <p class="font-display text-4xl leading-none font-bold sm:text-6xl">{tour.step.name}</p>
            <p class="mt-2 text-lg">
              {tour.step.tool} <span class="minutes">{minutes(tour.step.plannedMs)}</span>
            </p>
          {:else}
            <p class="font-display text-4xl leading-none font-bold sm:text-6xl">
              {tour.scene === 'over' ? 'The chair is free' : CHILD}
            </p>
            <p class="mt-2 text-lg">{tour.scene === 'over' ? '' : plan.name}</p>
          {/if}
          <div class="mt-auto grid grid-cols-2 gap-2 pt-4">
            {#if big !== ''}{@render key('big', big, 'col-span-2 min-h-20 text-2xl font-bold key-ink')}{/if}
            {@render key('undo', 'Undo', 'min-h-14')}
            {@render key('quicker', 'Quicker', 'min-h-14')}
          </div>
        </div>
      </div>
    </Dialog.Content>
  </Dialog.Portal>
</Dialog.Root>
