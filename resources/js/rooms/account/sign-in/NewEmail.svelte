<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { api } from '../../../api/client';
  import { Submission } from '../../../lib/form.svelte';
  import { navigate } from '../../../router';

  const { token }: { token: string } = $props();

  const queryClient = useQueryClient();
  const work = new Submission();
  let isDone = $state(false);

  const change = async () => {
    isDone = await work.run(async () => {
      await api.put(`new-email/${token}`, {});
      await queryClient.invalidateQueries({ queryKey: ['account'] });
    });
  };
</script>

<main class="mx-auto flex min-h-dvh w-full max-w-md flex-col justify-center gap-4 p-6">
  <h1 class="text-4xl">Your new e-mail address</h1>
  {#if isDone}
    <p class="text-lg" role="status">Done. Sign in with this address from now on.</p>
    <button type="button" class="key min-h-14 text-lg key-ink" onclick={() => void navigate('/')}
      >Go to the chair</button
    >
  {:else}
    <p class="text-lg">Use the address this link was sent to whenever you sign in.</p>
    <button type="button" class="key min-h-14 text-lg key-ink" disabled={work.busy} onclick={change}
      >Use this address</button
    >
    {#if work.of('token') ?? work.general}
      <p role="alert">{work.of('token') ?? work.general}</p>
    {/if}
  {/if}
</main>
