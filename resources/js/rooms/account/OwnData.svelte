<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { api } from '../../api/client';
  import { Submission } from '../../lib/form.svelte';
  import Said from '../../ui/Said.svelte';

  const queryClient = useQueryClient();
  const work = new Submission();
  let isIn = $state(false);
  const parts = [
    { file: 'designs.json', words: 'designs' },
    { file: 'kit.json', words: 'kit' },
    { file: 'events.ics', words: 'events' },
    { file: 'faces.csv', words: 'faces' },
  ] as const;

  const give = () =>
    work.run(async () => {
      const { takeOut } = await import('./account-file');
      await takeOut(() => api.file('team/file'));
    });

  async function bringIn({ currentTarget }: Event & { currentTarget: HTMLInputElement }) {
    const file = currentTarget.files?.[0];
    if (file === undefined) {
      return;
    }
    isIn = await work.run(async () => {
      await api.sendFile('team/file', file);
      await queryClient.invalidateQueries();
    });
    currentTarget.value = '';
  }
</script>

<section class="max-w-3xl" aria-labelledby="own-data">
  <h2 id="own-data" class="text-2xl">All of it in one file</h2>
  <p class="mt-1 text-lg">
    Painters, kit, designs with their pictures, menus, events and the logbook: for your own keeping, for other
    programs (CSV, calendar, SVG), and to be brought in again. Children’s names are in none of it.
  </p>
  <div class="mt-2 flex flex-wrap items-center gap-3">
    <button type="button" class="key" disabled={work.busy} onclick={give}>Take it out</button>
    <label class="inline-flex key-word cursor-pointer items-center">
      Bring such a file into this team, while it is empty …
      <input
        type="file"
        accept=".zip,application/zip"
        class="sr-only"
        disabled={work.busy}
        onchange={bringIn}
      />
    </label>
  </div>
  <p class="mt-3">
    Or one part of it:
    {#each parts as { file, words }, at (file)}
      {at === 0 ? '' : at === parts.length - 1 ? ' or ' : ', '}<a
        class="key-word"
        href="/api/team/file/{file}"
        download={file}>{words}</a
      >{/each}. Designs, a kit and events come in again in their own rooms, into a team that has others. An
    event with all that was painted at it is given out by its page in the logbook, and comes in there.
  </p>
  <Said message={work.of('file') ?? work.general} />
  {#if isIn}
    <p class="mt-2" role="status">
      It is here. The others of the team come in by a new link; what they painted is theirs already.
    </p>
  {/if}
</section>
