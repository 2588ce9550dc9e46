<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { api } from '../../../api/client';
  import type { SessionState } from '../../../api/types.gen';
  import { Submission } from '../../../lib/form.svelte';
  import Entry from '../../../ui/Entry.svelte';
  import Newcomer from './Newcomer.svelte';

  const queryClient = useQueryClient();
  const work = new Submission();
  let team = $state('');
  const who = $state({ name: '', email: '', password: '' });

  async function found(event: SubmitEvent) {
    event.preventDefault();
    await work.run(async () => {
      queryClient.setQueryData(['session'], await api.post<SessionState>('teams', { team, ...who }));
    });
  }
</script>

<form class="flex flex-col gap-3" onsubmit={found}>
  <h2 class="text-3xl">A team of your own</h2>
  <Entry label="What it is called" maxlength={80} bind:value={team} message={work.of('team')} />
  <Newcomer {who} {work} />
  <button type="submit" class="key min-h-14 text-lg key-ink" disabled={work.busy}>Begin</button>
</form>
