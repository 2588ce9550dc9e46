<script lang="ts">
  import type { EventPlan } from './plan.svelte';

  interface Props {
    plan: EventPlan;
    /** Pixels of the opening and of the closing. */
    from: number;
    to: number;
    time: (at: number) => string;
  }

  const { plan, from, to, time }: Props = $props();

  const HIGH = 54;
  /** A part of the day is so many times as busy as another at most. */
  const MOST = 8;
  const profile = $derived(plan.terms.profile);
  const top = $derived(Math.max(4, ...profile));
  const part = $derived((plan.terms.closesAt - plan.terms.opensAt) / profile.length);

  function set(at: number, busy: number) {
    const next = profile.map((one, index) => (index === at ? Math.max(0, Math.min(MOST, busy)) : one));
    plan.try({ profile: next });
  }

  function drag(event: PointerEvent, at: number) {
    if (event.buttons === 0) {
      return;
    }
    const box = (event.currentTarget as HTMLElement).getBoundingClientRect();
    set(at, Math.round(((box.bottom - event.clientY) / HIGH) * top * 2) / 2);
  }

  function press(event: KeyboardEvent, at: number) {
    const step = { ArrowUp: 0.5, ArrowRight: 0.5, ArrowDown: -0.5, ArrowLeft: -0.5 }[event.key];
    if (step !== undefined) {
      event.preventDefault();
      set(at, (profile[at] ?? 0) + step);
      stay();
    }
  }

  function stay() {
    void plan.let('Other busy hours.');
  }
</script>

<div class="relative pb-2" style:margin-left="{from}px" style:width="{Math.max(80, to - from)}px">
  <p class="text-soft">When they come: drag an hour up or down.</p>
  <div class="flex items-end" style:height="{HIGH}px">
    {#each profile as busy, at (at)}
      <div
        role="slider"
        tabindex="0"
        aria-label="How busy from {time(plan.terms.opensAt + at * part)} on"
        aria-valuemin={0}
        aria-valuemax={MOST}
        aria-valuenow={busy}
        aria-orientation="vertical"
        class="flex h-full grow cursor-ns-resize touch-none items-end border-x border-seam"
        onpointerdown={(event) => {
          event.currentTarget.setPointerCapture(event.pointerId);
          drag(event, at);
        }}
        onpointermove={(event) => drag(event, at)}
        onpointerup={stay}
        onkeydown={(event) => press(event, at)}
      >
        <span class="block w-full border-t-4 border-sea bg-sea/20" style:height="{(busy / top) * 100}%"
        ></span>
      </div>
    {/each}
  </div>
</div>
