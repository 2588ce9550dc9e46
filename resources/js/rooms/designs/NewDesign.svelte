<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { api } from '../../api/client';
  import { type DesignSheet, type Placement, PlacementValues } from '../../api/types.gen';
  import { Submission } from '../../lib/form.svelte';
  import { placementNames } from '../../lib/placements';
  import { navigate } from '../../router';
  import Said from '../../ui/Said.svelte';
  import Sheet from '../../ui/Sheet.svelte';

  let { open = $bindable() }: { open: boolean } = $props();

  const queryClient = useQueryClient();
  const work = new Submission();
  let name = $state('');
  let placement = $state<Placement>('full_face');

  async function make(event: SubmitEvent) {
    event.preventDefault();
    await work.run(async () => {
      const sheet = await api.post<DesignSheet>('designs', { name, placement });
      await queryClient.invalidateQueries({ queryKey: ['designs'] });
      open = false;
      name = '';
      await navigate('/designs/:id', { params: { id: sheet.id } });
    });
  }
</script>

<Sheet bind:open title="New design">
  <form class="flex flex-col gap-5" onsubmit={make}>
    <label class="font-semibold">
      Name
      <input
        class="mt-1 field text-xl font-normal"
        bind:value={name}
        maxlength="80"
        required
        placeholder="Wave band"
      />
    </label>
    <fieldset>
      <legend class="mb-1 font-semibold">Where it is painted</legend>
      <div class="flex flex-wrap gap-2">
        {#each PlacementValues as value (value)}
          <label class="key cursor-pointer has-checked:key-ink has-focus-visible:outline-3">
            <input type="radio" class="sr-only" name="placement" {value} bind:group={placement} />
            {placementNames[value]}
          </label>
        {/each}
      </div>
    </fieldset>
    <Said message={work.message} />
    <button type="submit" class="key min-h-14 text-lg key-ink" disabled={work.busy}
      >Put it on the bench</button
    >
  </form>
</Sheet>
