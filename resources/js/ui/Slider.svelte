<script lang="ts">
  import { Slider } from 'bits-ui';
  import type { ClassValue } from 'svelte/elements';

  interface Props {
    label: string;
    /** How the value is read out. */
    shown: string;
    value: number;
    min: number;
    max: number;
    step?: number;
    class?: ClassValue;
    /** While it is dragged. */
    turn: (value: number) => void;
    /** When it is let go. */
    stay?: (value: number) => void;
  }

  const { label, shown, value, min, max, step = 1, class: look = '', turn, stay }: Props = $props();

  // What runs by itself, as a clock does, stands between two steps; it is not the hand that brought it there.
  const atStep = $derived(Math.min(max, min + Math.round((value - min) / step) * step));
</script>

<!-- A stretch of the yellow rule with a hook on it; a finger finds it within its 44 px. -->
<Slider.Root
  type="single"
  class={['relative flex h-11 w-full cursor-pointer touch-none items-center select-none', look]}
  bind:value={() => atStep, turn}
  {min}
  {max}
  {step}
  onValueCommit={(kept: number) => stay?.(kept)}
>
  <span class="h-4 w-full border-[1.5px] border-ink bg-brass">
    <span class="block h-1.5 bg-[repeating-linear-gradient(90deg,var(--color-ink)_0_1px,transparent_1px_10%)]"
    ></span>
  </span>
  <Slider.Thumb
    index={0}
    class="block h-8.5 w-5.5 rounded-sm border-2 border-paper bg-ink outline-offset-2"
    aria-label={label}
    aria-valuetext={shown}
  />
</Slider.Root>
