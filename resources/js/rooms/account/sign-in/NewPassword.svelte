<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { api } from '../../../api/client';
  import { Submission } from '../../../lib/form.svelte';
  import { navigate } from '../../../router';
  import Entry from '../../../ui/Entry.svelte';
  import Fetched from '../../../ui/Fetched.svelte';

  const { token }: { token: string } = $props();

  const link = createQuery(() => ({
    queryKey: ['new-password', token],
    queryFn: async () => {
      await api.get(`new-password/${token}`);

      return true;
    },
  }));
  const work = new Submission();
  let password = $state('');
  let isDone = $state(false);

  async function renew(event: SubmitEvent) {
    event.preventDefault();
    isDone = await work.run(() => api.put(`new-password/${token}`, { password }));
  }
</script>

<main class="mx-auto flex min-h-dvh w-full max-w-md flex-col justify-center gap-4 p-6">
  <h1 class="text-4xl">A new password</h1>
  {#if isDone}
    <p class="text-lg" role="status">It is changed, and every device is signed out.</p>
    <button type="button" class="key min-h-14 text-lg key-ink" onclick={() => void navigate('/')}
      >Sign in with it</button
    >
  {:else}
    <Fetched query={link} what="Reading the link">
      <form class="flex flex-col gap-3" onsubmit={renew}>
        <Entry
          label="Twelve letters at least: three words that you remember"
          type="password"
          autocomplete="new-password"
          bind:value={password}
          message={work.of('password') ?? work.of('token') ?? work.general}
        />
        <button type="submit" class="key min-h-14 text-lg key-ink" disabled={work.busy}>Take it</button>
      </form>
    </Fetched>
  {/if}
</main>
