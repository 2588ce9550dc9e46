<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { api } from '../../../api/client';
  import type { KitSheet, MissingThing } from '../../../api/types.gen';
  import { Submission } from '../../../lib/form.svelte';
  import { minutes } from '../../../lib/minutes';
  import Said from '../../../ui/Said.svelte';
  import type { Bench } from '../bench.svelte';
  import { asKitThing } from '../steps/own';

  const { bench }: { bench: Bench } = $props();

  const queryClient = useQueryClient();
  const work = new Submission();
  /** What was added from here, as long as it may be taken out again. */
  let added = $state.raw<{ id: string; name: string } | null>(null);
  const missing = $derived(bench.sheet.missing);
  const extra = $derived(missing.reduce((sum, one) => sum + one.extraMs, 0));
  const stepName = (id: string) => bench.sheet.steps.find((step) => step.id === id)?.name ?? '';

  async function add(one: MissingThing) {
    const thing = asKitThing(one);
    if (thing === null) {
      return;
    }
    await work.run(async () => {
      const kit = await api.post<KitSheet>('kit', thing);
      added = kit.things.find(({ name }) => name === thing.name) ?? null;
      await Promise.all([bench.readAgain(), queryClient.invalidateQueries({ queryKey: ['kit'] })]);
    });
  }

  async function takeOut(id: string) {
    await work.run(async () => {
      // The design has it as it had it before: nothing is to take its place.
      await api.delete(`kit/${id}`, { anyway: true });
      added = null;
      await Promise.all([bench.readAgain(), queryClient.invalidateQueries({ queryKey: ['kit'] })]);
    });
  }
</script>

{#if missing.length > 0 || added !== null}
  <div>
    <h2 class="text-xl">Not in the kit</h2>
    <ul class="mt-1 flex flex-col gap-1">
      {#each missing as one, at (at)}
        <li class="border-l-[6px] border-rust pl-2 leading-tight">
          <strong>{one.missing}</strong> for {stepName(one.stepId).toLowerCase()}{#if one.instead !== null}: {one.instead}{one.extraMs >
            0
              ? `, ${minutes(one.extraMs)} more`
              : ''}{/if}
          {#if one.kind !== null}
            <button type="button" class="key-word" disabled={work.busy} onclick={() => add(one)}
              >Add {one.missing} to the kit</button
            >
          {/if}
        </li>
      {/each}
    </ul>
    {#if added !== null}
      {@const { id, name } = added}
      <p class="mt-1">
        {name} is in the kit.
        <button type="button" class="key-word" onclick={() => takeOut(id)}>Take it out again</button>
      </p>
    {/if}
    <Said message={work.general} />
    {#if extra > 0}<p class="mt-1 text-[15px] text-soft">
        Without them {minutes(bench.sheet.totalMs + extra)}.
      </p>{/if}
  </div>
{/if}
