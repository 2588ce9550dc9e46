<script lang="ts">
  import type { DesignSheet } from '../../api/types.gen';
  import { minutes } from '../../lib/minutes';

  const { sheet }: { sheet: DesignSheet } = $props();

  const stepName = (id: string) => sheet.steps.find((step) => step.id === id)?.name ?? '';
  const extra = $derived(sheet.missing.reduce((sum, one) => sum + one.extraMs, 0));
</script>

{#if sheet.brushesToKeep.length > 0}
  <div>
    <h2 class="text-xl">One brush more</h2>
    <ul class="mt-1">
      {#each sheet.brushesToKeep.slice(0, 3) as brush (brush.colour)}
        <li class="flex items-center gap-2">
          <span class="size-4 shrink-0 rounded-full border-2 border-ink" style:background-color={brush.hex}
          ></span>
          a {brush.colour} brush of its own saves <strong class="minutes">{minutes(brush.savedMs)}</strong> a face
        </li>
      {/each}
    </ul>
  </div>
{/if}
{#if sheet.missing.length > 0}
  <div>
    <h2 class="text-xl">Not in the kit</h2>
    <ul class="mt-1 flex flex-col gap-1">
      {#each sheet.missing as one (one.stepId + one.missing)}
        <li class="border-l-[6px] border-rust pl-2 leading-tight">
          <strong>{one.missing}</strong> for {stepName(one.stepId).toLowerCase()}{#if one.instead !== null}: {one.instead}{one.extraMs >
            0
              ? `, ${minutes(one.extraMs)} more`
              : ''}{/if}
        </li>
      {/each}
    </ul>
    {#if extra > 0}<p class="mt-1 text-[15px] text-soft">
        Without them {minutes(sheet.totalMs + extra)}.
      </p>{/if}
  </div>
{/if}
{#if sheet.layOut.length > 0}
  <div>
    <h2 class="text-xl">On the table</h2>
    <ol class="mt-1 text-[15px]">
      {#each sheet.layOut as thing (thing.kind + thing.name)}
        <li class="flex items-center gap-2 border-t border-seam py-1">
          <span
            class="size-4 shrink-0 rounded-full border-2 border-ink"
            style:background-color={thing.hex ?? 'transparent'}
          ></span>
          <span class={['grow', !thing.owned && 'text-rust']}>{thing.name}</span>
          <span class="text-soft">{thing.steps.length === 1 ? 'step' : 'steps'} {thing.steps.join(', ')}</span
          >
        </li>
      {/each}
    </ol>
  </div>
{/if}
