<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { api } from '../../api/client';
  import type { TeamSheet } from '../../api/types.gen';
  import { Submission } from '../../lib/form.svelte';
  import Choice from '../../ui/Choice.svelte';
  import Said from '../../ui/Said.svelte';

  const { team }: { team: TeamSheet } = $props();

  const queryClient = useQueryClient();
  const work = new Submission();
  const terms = [
    { value: 0, words: 'till the evening' },
    { value: 1, words: 'a day' },
    { value: 7, words: 'a week' },
    { value: 30, words: 'thirty days' },
  ];
  const kept = $derived(
    terms.find(({ value }) => value === team.namesDays)?.words ?? `${team.namesDays} days`,
  );

  const keep = (days: number) =>
    work.run(async () => {
      queryClient.setQueryData(['team'], await api.put<TeamSheet>('team/names-days', { days }));
    });
</script>

<section class="max-w-3xl" aria-labelledby="names-kept">
  <h2 id="names-kept" class="text-2xl">What is kept of children</h2>
  <p class="mt-1 text-lg">
    A first name, where one was given, so that the child can be called: {kept} after the event, then it is gone.
    Words about a child and a parent’s phone go the same evening. What was painted, and how long it took, stays,
    of nobody. Backups of the server keep them for two weeks more, unless whoever runs it says otherwise.
  </p>
  {#if team.answersForIt}
    <div class="mt-2">
      <Choice
        class="w-56"
        label="First names stay"
        caption="strong"
        value={team.namesDays}
        options={terms}
        hint="{team.namesDays} days"
        onchoose={(days) => void keep(days)}
      />
    </div>
    <Said message={work.general} />
  {/if}
  <p class="mt-2 text-soft">
    A guardian who wants it gone at once: open the face by its number in the logbook, and forget the child
    there.
  </p>
</section>
