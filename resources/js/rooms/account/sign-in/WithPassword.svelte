<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { api } from '../../../api/client';
  import { outbox } from '../../../api/outbox.svelte';
  import type { DemoSignIn, SessionState } from '../../../api/types.gen';
  import { Submission } from '../../../lib/form.svelte';
  import Entry from '../../../ui/Entry.svelte';
  import Said from '../../../ui/Said.svelte';

  const { demo }: { demo: DemoSignIn | null } = $props();

  const queryClient = useQueryClient();
  const work = new Submission();
  let email = $state('');
  let password = $state('');
  let code = $state('');
  /** The server asks for a code once the password is right; the field stays while it is not. */
  let needsCode = $state(false);

  async function signIn(event: SubmitEvent) {
    event.preventDefault();
    await work.run(async () => {
      const session = await api.post<SessionState>('session', { email, password, code });
      outbox.signInNeeded = false;
      queryClient.setQueryData(['session'], session);
      if (session.teamId !== null) {
        await outbox.open(session.teamId, queryClient);
      }
    });
    needsCode ||= work.of('code') !== undefined;
  }

  function useDemo() {
    email = demo?.email ?? '';
    password = demo?.password ?? '';
  }
</script>

<form class="flex flex-col gap-4" onsubmit={signIn}>
  <Entry label="E-mail" type="email" autocomplete="username" bind:value={email} />
  <Entry label="Password" type="password" autocomplete="current-password" bind:value={password} />
  {#if needsCode}
    <Entry
      label="Code of your authenticator"
      autocomplete="one-time-code"
      maxlength={20}
      bind:value={code}
      message={work.of('code')}
    />
  {/if}
  <Said message={work.of('email') ?? (work.of('code') === undefined ? work.general : undefined)} />
  <button type="submit" class="key min-h-14 text-lg key-ink" disabled={work.busy}>Sign in</button>
  {#if demo !== null}
    <p class="text-soft">
      This is the demo: {demo.email}, {demo.password}.
      <button type="button" class="key-word" onclick={useDemo}>Fill it in</button>
    </p>
  {/if}
</form>
