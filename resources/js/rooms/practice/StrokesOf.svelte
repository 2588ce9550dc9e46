<script lang="ts">
  import { strokeWords, type Training } from './practice.svelte';

  const { design, training }: { design: string; training: Training } = $props();

  const strokes = $derived(training.sheet?.strokes ?? []);
</script>

{#if strokes.length > 0}
  <section class="mb-2 ml-3 border-l-2 border-seam pl-3" aria-label="The strokes of this design">
    <p class="text-[15px] text-soft">Its strokes, the weakest first</p>
    <ol>
      {#each strokes as stroke (stroke.stepId)}
        {@const isOn = training.target.step === stroke.stepId}
        <li class="flex flex-wrap items-center gap-x-3">
          <button
            type="button"
            class="min-h-11 text-left font-semibold [overflow-wrap:anywhere]"
            aria-pressed={isOn}
            onclick={() => void training.choose({ drill: null, design, step: stroke.stepId, apart: false })}
            ><span class={isOn ? 'bg-brass' : 'underline underline-offset-4'}>{stroke.name}</span>
            <span class="font-normal text-soft">{strokeWords(stroke)}</span></button
          >
          {#if stroke.drill !== null}
            <button
              type="button"
              class="min-h-11 text-[15px] underline underline-offset-4"
              onclick={() =>
                void training.choose({ drill: stroke.drill, design: null, step: null, apart: true })}
              >drill: {stroke.drillName}</button
            >
          {/if}
        </li>
      {/each}
    </ol>
  </section>
{/if}
