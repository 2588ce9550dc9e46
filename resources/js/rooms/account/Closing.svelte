<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { api } from '../../api/client';
  import type { SessionState } from '../../api/types.gen';
  import { Submission } from '../../lib/form.svelte';
  import { dayName } from '../../lib/minutes';
  import Entry from '../../ui/Entry.svelte';
  import Said from '../../ui/Said.svelte';
  import Sheet from '../../ui/Sheet.svelte';

  const { session }: { session: SessionState } = $props();

  const queryClient = useQueryClient();
  const work = new Submission();
  let isAsked = $state(false);
  let password = $state('');

  const settle = (ask: () => Promise<SessionState>) =>
    work.run(async () => {
      queryClient.setQueryData(['session'], await ask());
      isAsked = false;
      password = '';
      await queryClient.invalidateQueries({ queryKey: ['team'] });
    });

  function close(event: SubmitEvent) {
    event.preventDefault();
    void settle(() => api.put<SessionState>('team/end', { password }));
  }
</script>

<section class="max-w-3xl" aria-labelledby="closing">
  <h2 id="closing" class="text-2xl">The end of the team</h2>
  {#if session.teamEndsAt !== null}
    <p class="mt-1 text-lg">
      It is closed, and goes on till {dayName(session.teamEndsAt, 'UTC')}. Then it is deleted with all that is
      its own, for good.
    </p>
    <button
      type="button"
      class="mt-2 key"
      disabled={work.busy}
      onclick={() => settle(() => api.delete<SessionState>('team/end'))}>Keep it after all</button
    >
    <Said message={work.general} />
  {:else}
    <p class="mt-1 text-lg">
      A team that is closed can still be kept for thirty days. Take its data out before: after that nothing is
      left here, and backups forget it with time.
    </p>
    <button type="button" class="mt-2 key" onclick={() => (isAsked = true)}>Close the team …</button>
  {/if}
</section>

<Sheet bind:open={isAsked} title="Close {session.teamName ?? 'the team'}?">
  <form class="flex flex-col gap-3" onsubmit={close}>
    <p class="text-lg">
      In thirty days its painters, designs, events and logbook are deleted. Until then all goes on, and you
      can keep it.
    </p>
    <Entry
      label="Your password"
      type="password"
      autocomplete="current-password"
      bind:value={password}
      message={work.of('password') ?? work.general}
    />
    <button type="submit" class="key min-h-14 text-lg key-ink" disabled={work.busy}>Close the team</button>
  </form>
</Sheet>
