<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { api } from '../../../api/client';
  import type { KitSheet } from '../../../api/types.gen';
  import { minutes } from '../../../lib/minutes';
  import Colours from '../../../ui/Colours.svelte';
  import type { Bench } from '../bench.svelte';
  import type { DraftStep } from '../draft';
  import ComesOut from '../advice/ComesOut.svelte';
  import { ownPaints, ownTools } from './own';
  import StepHow from './StepHow.svelte';
  import StepSaid from './StepSaid.svelte';
  import StepMore from './StepMore.svelte';
  import StepWhere from './StepWhere.svelte';

  const { bench, step }: { bench: Bench; step: DraftStep } = $props();

  const index = $derived(bench.draft.steps.findIndex((one) => one.id === step.id));
  const set = (change: Partial<DraftStep>) => bench.setStep(step.id, change);
  const kit = createQuery(() => ({ queryKey: ['kit'], queryFn: () => api.get<KitSheet>('kit') }));
  /** What the time rests on, as the server last said it. */
  const timed = $derived(bench.sheet.steps.find((one) => one.id === step.id));
  const basis = $derived.by(() => {
    if (timed === undefined || step.time !== timed.time) {
      return '';
    }

    const { timeMs, eightOfTenMs, timeFaces, timePractised } = timed;
    const by = [
      ...(timeFaces > 0 ? [`${timeFaces} ${timeFaces === 1 ? 'face' : 'faces'}`] : []),
      ...(timePractised > 0 ? [`${timePractised} on the board`] : []),
    ].join(', ');
    const real = `really ${minutes(timeMs)}; 8 of 10 by ${minutes(eightOfTenMs ?? timeMs)}`;

    return {
      typed: 'typed, no faces logged yet',
      work: `${minutes(timeMs)} from the work in it`,
      logged: `${real} (${by})`,
      team: `${real} (the team’s ${by})`,
    }[timed.timeSource];
  });
</script>

<StepSaid {bench} {step} />
<div class="grid gap-x-4 gap-y-3 sm:grid-cols-[1fr_150px_110px]">
  <label class="font-semibold">
    What
    <input
      class="mt-1 field text-lg font-normal"
      maxlength="80"
      value={step.name}
      onchange={(event) => set({ name: event.currentTarget.value })}
    />
  </label>
  <div>
    <label class="font-semibold">
      Time
      <input
        class="mt-1 field minutes text-xl"
        value={step.time}
        placeholder={timed === undefined ? '' : minutes(timed.timeMs)}
        aria-invalid={bench.fields[`steps.${index}.time`] !== undefined}
        aria-describedby="time-basis"
        onchange={(event) => set({ time: event.currentTarget.value })}
      />
    </label>
    <p id="time-basis" class="text-[14px] leading-tight text-soft">{basis}</p>
  </div>
  <label class="font-semibold">
    Dry below
    <input
      class="mt-1 field font-normal"
      placeholder="0:20"
      value={step.dryFor}
      onchange={(event) => set({ dryFor: event.currentTarget.value })}
    />
  </label>
</div>

<StepHow {step} {set} tools={ownTools(kit.data)} />
<Colours
  legend="Colours, in the order they are picked up"
  colours={step.colours}
  paints={ownPaints(kit.data)}
  change={(colours) => set({ colours })}
/>
<ComesOut colours={bench.sheet.craft.colours.filter((colour) => colour.stepId === step.id)} />
<StepWhere placement={bench.draft.placement} {step} {set} />
<StepMore {step} {set} />
