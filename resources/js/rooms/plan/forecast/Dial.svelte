<script lang="ts">
  import Slider from '../../../ui/Slider.svelte';
  interface Props {
    label: string;
    /** How the value reads. */
    shown: string;
    value: number;
    min: number;
    max: number;
    step?: number;
    /** While it is dragged. */
    turn: (value: number) => void;
    /** When it is let go. */
    stay: () => void;
  }

  const { label, shown, value, min, max, step = 1, turn, stay }: Props = $props();
</script>

<div>
  <span class="flex items-baseline justify-between gap-3" aria-hidden="true">
    <span class="text-soft">{label}</span>
    <span class="minutes text-2xl whitespace-nowrap">{shown}</span>
  </span>
  <Slider {label} {shown} {value} {min} {max} {step} {turn} {stay} />
</div>
