<script lang="ts">
  import { createQuery, useQueryClient } from '@tanstack/svelte-query';
  import { api } from '../../api/client';
  import type { InvitationShown, SessionState } from '../../api/types.gen';
  import { Submission } from '../../lib/form.svelte';
  import { navigate } from '../../router';
  import Entry from '../../ui/Entry.svelte';
  import Fetched from '../../ui/Fetched.svelte';
  import { roleWords } from './words';

  const { token }: { token: string } = $props();

  const queryClient = useQueryClient();
  const invitation = createQuery(() => ({
    queryKey: ['invitation', token],
    queryFn: () => api.get<InvitationShown>(`joining/${token}`),
  }));
  const work = new Submission();
  let name = $state('');
  let email = $state('');
  let password = $state('');

  async function join(event: SubmitEvent) {
    event.preventDefault();
    await work.run(async () => {
      const session = await api.post<SessionState>(`joining/${token}`, { name, email, password });
      await navigate('/');
      queryClient.setQueryData(['session'], session);
    });
  }
</script>

<main class="mx-auto flex min-h-dvh w-full max-w-md flex-col justify-center gap-4 p-6">
  <Fetched query={invitation} what="Reading the invitation">
    {#snippet children({ teamName, role })}
      <h1 class="text-4xl">Come into {teamName}</h1>
      <p class="text-lg">As {roleWords[role].name}: {roleWords[role].does}.</p>
      <form class="flex flex-col gap-3" onsubmit={join}>
        <Entry
          label="Your name, as the team calls you"
          maxlength={80}
          autocomplete="name"
          bind:value={name}
          message={work.of('name')}
        />
        <Entry
          label="E-mail, to sign in with"
          type="email"
          autocomplete="username"
          bind:value={email}
          message={work.of('email')}
        />
        <Entry
          label="A password of ten letters at least"
          type="password"
          autocomplete="new-password"
          bind:value={password}
          message={work.of('password') ?? work.of('token') ?? work.general}
        />
        <button type="submit" class="key min-h-14 text-lg key-ink" disabled={work.busy}>Come in</button>
      </form>
    {/snippet}
  </Fetched>
</main>
