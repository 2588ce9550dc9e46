<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { api } from '../../api/client';
  import type { DaySummary } from '../../api/types.gen';
  import { Submission } from '../../lib/form.svelte';
  import { navigate } from '../../router';
  import Said from '../../ui/Said.svelte';

  const { day }: { day: DaySummary } = $props();

  const queryClient = useQueryClient();
  const work = new Submission();

  const takeOut = () =>
    work.run(async () => {
      await api.delete(`days/${day.id}`);
      await navigate('/logbook');
      await queryClient.invalidateQueries();
    });
</script>

<p class="mb-4 flex flex-wrap items-baseline gap-x-4 print:hidden">
  <span>This event came with a file.</span>
  <button type="button" class="key-word" disabled={work.busy} onclick={takeOut}>Take it out again</button>
</p>
<Said message={work.general} />
