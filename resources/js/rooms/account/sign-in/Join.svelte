<script lang="ts">
  import { untrack } from 'svelte';
  import { createQuery, useQueryClient } from '@tanstack/svelte-query';
  import { api } from '../../../api/client';
  import type { InvitationShown, SessionState } from '../../../api/types.gen';
  import { Submission } from '../../../lib/form.svelte';
  import { navigate } from '../../../router';
  import Fetched from '../../../ui/Fetched.svelte';
  import Said from '../../../ui/Said.svelte';
  import Newcomer from './Newcomer.svelte';
  import { roleWords } from '../words';

  const { token }: { token: string } = $props();

  const queryClient = useQueryClient();
  const invitation = createQuery(() => ({
    queryKey: ['invitation', token],
    queryFn: () => api.get<InvitationShown>(`joining/${token}`),
  }));
  const work = new Submission();
  const who = $state({ name: '', email: '', password: '' });
  $effect(() => {
    const name = invitation.data?.name ?? '';
    // What was typed meanwhile stays.
    untrack(() => (who.name ||= name));
  });

  async function join(event: SubmitEvent) {
    event.preventDefault();
    await work.run(async () => {
      const session = await api.post<SessionState>(`joining/${token}`, who);
      await navigate('/');
      queryClient.setQueryData(['session'], session);
    });
  }
</script>

<main class="mx-auto flex min-h-dvh w-full max-w-md flex-col justify-center gap-4 p-6">
  <Fetched query={invitation} what="Reading the invitation">
    {#snippet children({ teamName, role, name })}
      <h1 class="text-4xl">Come into {teamName}</h1>
      <p class="text-lg">
        As {roleWords[role].name}: {roleWords[role].does}.{name === null
          ? ''
          : ` What ${name} has painted here stays yours.`}
      </p>
      <form class="flex flex-col gap-3" onsubmit={join}>
        <Newcomer {who} {work} />
        <Said message={work.of('token')} />
        <button type="submit" class="key min-h-14 text-lg key-ink" disabled={work.busy}>Come in</button>
      </form>
    {/snippet}
  </Fetched>
</main>
