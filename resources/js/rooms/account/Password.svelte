<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { api } from '../../api/client';
  import type { SessionState } from '../../api/types.gen';
  import { Submission } from '../../lib/form.svelte';
  import Entry from '../../ui/Entry.svelte';

  const queryClient = useQueryClient();
  const work = new Submission();
  let current = $state('');
  let password = $state('');
  let isDone = $state(false);

  async function change(event: SubmitEvent) {
    event.preventDefault();
    isDone = await work.run(async () => {
      queryClient.setQueryData(['session'], await api.put<SessionState>('password', { current, password }));
      current = password = '';
    });
  }
</script>

<section aria-labelledby="password">
  <h2 id="password" class="text-2xl">Your password</h2>
  <form class="mt-2 flex max-w-md flex-col gap-3" onsubmit={change}>
    <Entry
      label="The one you sign in with now"
      type="password"
      autocomplete="current-password"
      bind:value={current}
      message={work.of('current')}
    />
    <Entry
      label="The new one"
      type="password"
      autocomplete="new-password"
      bind:value={password}
      message={work.of('password') ?? work.general}
    />
    <button type="submit" class="key" disabled={work.busy}>Change it, and sign out everywhere else</button>
    {#if isDone}
      <p role="status">
        It is changed. Other devices have to sign in anew; what they painted meanwhile is kept there.
      </p>
    {/if}
  </form>
</section>
