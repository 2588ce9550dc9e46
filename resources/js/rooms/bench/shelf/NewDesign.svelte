<script lang="ts">
  import { createQuery, useQueryClient } from '@tanstack/svelte-query';
  import { api } from '../../../api/client';
  import {
    type DesignSheet,
    type DesignTape,
    PlacementValues,
    type StartingPoint,
  } from '../../../api/types.gen';
  import { Submission } from '../../../lib/form.svelte';
  import { placementNames } from '../../../api/tables.gen';
  import { navigate } from '../../../router';
  import ListField from '../../../steplines/ListField.svelte';
  import Fetched from '../../../ui/Fetched.svelte';
  import Said from '../../../ui/Said.svelte';
  import Sheet from '../../../ui/Sheet.svelte';
  import PickPicture from '../steps/PickPicture.svelte';
  import { beginnings, DesignStart } from './start.svelte';

  let { open = $bindable(), designs }: { open: boolean; designs: readonly DesignTape[] } = $props();

  const queryClient = useQueryClient();
  const work = new Submission();
  let start = $state.raw(new DesignStart());
  const points = createQuery(() => ({
    queryKey: ['designs', 'starting-points'],
    queryFn: () => api.get<StartingPoint[]>('designs/starting-points'),
    enabled: open && start.beginning === 'a worked design',
  }));

  async function make(event: SubmitEvent) {
    event.preventDefault();
    await work.run(async () => {
      const sheet = await api.post<DesignSheet>('designs', start.asked);
      await queryClient.invalidateQueries({ queryKey: ['designs'] });
      open = false;
      start = new DesignStart();
      await navigate('/designs/:id', { params: { id: sheet.id } });
    });
  }
</script>

<Sheet bind:open title="New design" wide={start.beginning === 'your own words'}>
  <form class="flex flex-col gap-5" onsubmit={make}>
    <label class="font-semibold">
      Name
      <input
        class="mt-1 field text-xl font-normal"
        bind:value={start.name}
        maxlength="80"
        required={start.standIn === ''}
        placeholder={start.standIn === '' ? 'Wave band' : start.standIn}
      />
    </label>
    <fieldset>
      <legend class="mb-1 font-semibold">Begin with</legend>
      <div class="flex flex-wrap gap-2">
        {#each beginnings as beginning (beginning)}
          <label class="key cursor-pointer has-checked:key-ink has-focus-visible:outline-3">
            <input
              type="radio"
              class="sr-only"
              name="beginning"
              value={beginning}
              bind:group={start.beginning}
            />
            {beginning}
          </label>
        {/each}
      </div>
    </fieldset>
    {#if start.asksPlacement}
      <fieldset>
        <legend class="mb-1 font-semibold">
          Where it is painted
          {#if start.chosenPlacement === null && start.beginning === 'your own words' && start.typed.reading !== null}
            <span class="font-normal text-soft"
              ><span aria-hidden="true" class="font-display font-bold text-kelp">≈</span>
              {start.typed.reading.saysPlacement ? 'as the list says' : 'as its places tell'}</span
            >
          {/if}
        </legend>
        <div class="flex flex-wrap gap-2">
          {#each PlacementValues as value (value)}
            <label class="key cursor-pointer has-checked:key-ink has-focus-visible:outline-3">
              <input
                type="radio"
                class="sr-only"
                name="placement"
                {value}
                checked={start.placement === value}
                onchange={() => {
                  start.chosenPlacement = value;
                  void start.typed.read();
                }}
              />
              {placementNames[value]}
            </label>
          {/each}
        </div>
      </fieldset>
    {/if}
    {#if start.beginning === 'your own words'}
      <div><ListField typed={start.typed} /></div>
    {:else if start.beginning === 'one of yours'}
      <PickPicture
        legend="Which one"
        {designs}
        keyOf={(design: DesignTape) => design.id}
        bind:chosen={start.like}
      />
    {:else if start.beginning === 'a worked design'}
      <Fetched query={points} what="Laying them out">
        {#snippet children(all)}
          <PickPicture
            legend="Which worked design"
            designs={all}
            keyOf={(point: StartingPoint) => point.name}
            bind:chosen={start.point}
          />
        {/snippet}
      </Fetched>
    {/if}
    <Said message={work.general} />
    <div class="sticky -bottom-5 bg-paper pt-2 pb-5 sm:-bottom-7 sm:pb-7">
      <button type="submit" class="key min-h-14 w-full text-lg key-ink" disabled={work.busy || !start.isReady}
        >Put it on the bench</button
      >
    </div>
  </form>
</Sheet>
