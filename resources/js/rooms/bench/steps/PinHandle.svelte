<script lang="ts">
  import { mergeProps } from 'bits-ui';
  import Tip from '../../../ui/Tip.svelte';
  import type { Pinning } from './pinning.svelte';

  const { pinning, step }: { pinning: Pinning; step: string } = $props();

  const isHeld = $derived(pinning.from === step);

  function take(event: PointerEvent & { currentTarget: HTMLElement }) {
    event.currentTarget.setPointerCapture(event.pointerId);
    pinning.take(step);
  }
</script>

<!-- By the keyboard a pin is typed, in the field below the steps. -->
<Tip words="Drag this pin onto the step it must come before">
  {#snippet children(tip)}
    <span
      {...mergeProps(tip, {
        onpointerdown: take,
        onpointermove: ({ clientX, clientY }: PointerEvent) => pinning.move(clientX, clientY),
        onpointerup: () => pinning.drop(),
        onpointercancel: () => pinning.letGo(),
        tabindex: -1,
      })}
      class={[
        'hidden w-8 shrink-0 touch-none items-center justify-center lg:flex',
        isHeld ? 'cursor-grabbing' : 'cursor-grab',
      ]}
      role="presentation"
      data-pin={step}
    >
      <svg width="14" height="20" viewBox="0 0 14 20" aria-hidden="true">
        <circle
          cx="7"
          cy="5"
          r="4"
          fill={isHeld ? '#b23f14' : '#fcf9f0'}
          stroke="#55606a"
          stroke-width="1.6"
        />
        <path d="M7 9v9" stroke="#55606a" stroke-width="2" />
      </svg>
    </span>
  {/snippet}
</Tip>
