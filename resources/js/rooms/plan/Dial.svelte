<script lang="ts">
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

<label class="block">
  <span class="flex items-baseline justify-between gap-3">
    <span class="text-soft">{label}</span>
    <span class="minutes text-2xl">{shown}</span>
  </span>
  <input
    class="dial"
    type="range"
    {min}
    {max}
    {step}
    {value}
    aria-valuetext={shown}
    oninput={({ currentTarget }) => turn(Number(currentTarget.value))}
    onchange={stay}
  />
</label>

<style>
  /* A stretch of the yellow rule with a hook on it. */
  .dial {
    width: 100%;
    height: 44px;
    appearance: none;
    background: transparent;
  }
  .dial::-webkit-slider-runnable-track {
    height: 16px;
    border: 1.5px solid var(--color-ink);
    background:
      repeating-linear-gradient(90deg, var(--color-ink) 0 1px, transparent 1px 10%) 0 0 / 100% 6px no-repeat,
      var(--color-brass);
  }
  .dial::-moz-range-track {
    height: 16px;
    border: 1.5px solid var(--color-ink);
    background: var(--color-brass);
  }
  .dial::-webkit-slider-thumb {
    width: 22px;
    height: 34px;
    margin-top: -11px;
    appearance: none;
    border: 2px solid var(--color-paper);
    border-radius: 4px;
    background: var(--color-ink);
  }
  .dial::-moz-range-thumb {
    width: 22px;
    height: 34px;
    border: 2px solid var(--color-paper);
    border-radius: 4px;
    background: var(--color-ink);
  }
</style>
