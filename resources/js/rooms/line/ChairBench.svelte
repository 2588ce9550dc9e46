<script lang="ts">
  import { isCommand, isTyping } from '../../lib/typing';
  import type { DaySummary, LineBoard } from '../../api/types.gen';
  import FaceMap from '../../facemap/FaceMap.svelte';
  import { lookOf } from '../../facemap/looks';
  import { keepAwake } from '../../lib/awake';
  import { keepBuild } from '../../lib/new-build';
  import { Bounce } from '../../lib/bounce';
  import { handAtKeys, shakesWanted, soundsWanted } from '../../lib/remembered.svelte';
  import { type Moment, signalBetween, Signals } from '../../lib/signals';
  import Lanes from '../../line/Lanes.svelte';
  import type { Chair } from './chair.svelte';
  import ChairChoice from './ChairChoice.svelte';
  import ChairKeys from './ChairKeys.svelte';
  import FaceTape from './FaceTape.svelte';
  import LineWord from './desk/LineWord.svelte';
  import Quicker from './Quicker.svelte';
  import KeyList from '../../ui/KeyList.svelte';
  import Sheet from '../../ui/Sheet.svelte';
  import StepNow from './StepNow.svelte';

  interface Props {
    chair: Chair;
    board: LineBoard;
    days: DaySummary[];
    tour: (() => void) | undefined;
  }

  const { chair, board, days, tour }: Props = $props();

  let asking = $state(false);
  const isLeft = $derived(handAtKeys.value === 'left');

  const signals = new Signals({
    audio: () => new AudioContext(),
    vibrate: (pattern) => navigator.vibrate(pattern),
  });
  let moment: Moment | undefined;

  $effect(() => {
    const now: Moment = {
      face: chair.child?.id ?? '',
      step: chair.step?.id ?? '',
      isOver: chair.step !== undefined && chair.stepMs >= chair.stepPlannedMs,
      waits: chair.step?.technique === 'wait',
      shut: chair.step?.shut != null,
    };
    const signal = signalBetween(moment, now);
    moment = now;
    if (signal !== undefined) {
      signals.give(signal, {
        sounds: soundsWanted.value === 'yes',
        shakes: shakesWanted.value === 'yes',
      });
    }
  });

  const isPainting = $derived(chair.child !== null);
  $effect(() =>
    isPainting ? keepAwake('wakeLock' in navigator ? navigator.wakeLock : undefined, document) : undefined,
  );

  // No newer build of the app takes a face out of the hand.
  $effect(() => (isPainting ? keepBuild() : undefined));

  const bounce = new Bounce();
  const press = (event: Event) => bounce.take(() => chair.press(), event.timeStamp);

  let listing = $state(false);
  const keys: Record<string, { does: string; act: (event: Event) => void }> = {
    ' ': { does: 'the big button: done, seat, begin, go on', act: press },
    u: { does: 'undo', act: () => chair.undo() },
    p: { does: 'pause, and go on', act: () => chair.togglePause() },
    s: { does: 'skip the step', act: () => chair.skip() },
    b: { does: 'both done, this step and the next', act: () => chair.bothDone() },
    l: { does: 'leave it, or the rest of it, until the next is done', act: () => chair.later() },
    q: { does: 'quicker, or richer', act: () => (asking = chair.step !== undefined) },
    '?': { does: 'these keys', act: () => (listing = true) },
  };

  /** The pedal is the space bar: in this room it always means the big button, whatever was touched last. */
  function onkey(event: KeyboardEvent) {
    const key = keys[event.key.toLowerCase()];
    if (isTyping(event) || key === undefined || isCommand(event)) {
      return;
    }
    event.preventDefault();
    if (event.type === 'keydown' && !event.repeat) {
      key.act(event);
    }
  }
</script>

<svelte:window onkeydown={onkey} onkeyup={onkey} />

<!-- On a phone the keys stand at its edge, whatever is above them. -->
<div
  class={[
    'flex grow flex-col max-md:pb-60 md:h-[calc(100dvh-3.4rem)] md:min-h-[660px] low:h-auto low:min-h-0 low:pb-2',
    isLeft ? 'low:pl-72' : 'low:pr-72',
  ]}
>
  <div class="low:hidden"><Lanes line={chair.line} {board} chairs={[chair.number()]} height={46} /></div>

  <div
    class={[
      'grid min-h-0 grow grid-cols-1 content-start [overflow-wrap:anywhere] md:content-stretch low:grid-cols-1',
      isLeft
        ? 'md:grid-cols-[minmax(250px,22%)_minmax(0,1fr)_minmax(220px,29%)]'
        : 'md:grid-cols-[minmax(220px,29%)_minmax(0,1fr)_minmax(250px,22%)]',
    ]}
  >
    <div
      class={[
        'flex min-h-0 min-w-0 flex-col px-3 pt-1 md:border-seam md:px-5',
        isLeft ? 'md:order-3 md:border-l' : 'md:border-r',
      ]}
    >
      <ChairChoice {chair} {board} {days} {tour} />
      <div class="hidden min-h-0 grow items-center py-2 md:flex low:hidden">
        {#if chair.plan !== undefined}
          <FaceMap
            title={chair.plan.name}
            placement={chair.plan.placement}
            steps={chair.shownSteps}
            painted={chair.paintedSteps}
            skipped={chair.skippedSteps}
            ghosts
            current={chair.step}
            look={lookOf(chair.child?.id ?? chair.plan.id)}
            eyesShut={chair.step?.shut === 'eyes' || chair.step?.shut === 'both'}
            readOut={false}
          />
        {/if}
      </div>
    </div>
    <StepNow {chair} {board} />
    <div
      class={[
        'flex min-h-0 flex-col gap-4 border-seam bg-card p-3 max-md:fixed max-md:inset-x-0 max-md:bottom-0 max-md:z-10 max-md:border-t-2 max-md:pb-[max(0.75rem,env(safe-area-inset-bottom))] md:bg-transparent md:p-4 low:fixed low:inset-x-auto low:top-14 low:bottom-0 low:z-10 low:w-72 low:border-t-0 low:bg-card low:p-3',
        isLeft
          ? 'md:order-first md:border-r low:left-0 low:border-r-2'
          : 'md:border-l low:right-0 low:border-l-2',
      ]}
    >
      <div class="max-md:hidden low:hidden"><LineWord {chair} {board} /></div>
      <ChairKeys {chair} {press} quicker={() => (asking = true)} />
    </div>
  </div>

  <FaceTape {chair} />
  <Quicker {chair} bind:open={asking} />
  <Sheet bind:open={listing} title="Keys of the chair">
    <KeyList
      keys={Object.entries(keys).map(([key, { does }]) => [key === ' ' ? 'space, pedal' : key, does])}
    />
  </Sheet>
</div>
