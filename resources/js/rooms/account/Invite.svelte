<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { api } from '../../api/client';
  import { type InvitationMade, type Role, RoleValues, type TeamSheet } from '../../api/types.gen';
  import { Submission } from '../../lib/form.svelte';
  import { dayName } from '../../lib/minutes';
  import Choice from '../../ui/Choice.svelte';
  import Entry from '../../ui/Entry.svelte';
  import Said from '../../ui/Said.svelte';
  import { roleWords } from './words';

  const { team }: { team: TeamSheet } = $props();

  const queryClient = useQueryClient();
  const work = new Submission();
  let role = $state<Role>('artist');
  let email = $state('');
  /** Who came along with a file, and is to sign in; null for somebody new. */
  let painter = $state<string | null>(null);
  const waiting = $derived(team.members.filter((member) => member.email === null));
  const known = $derived(waiting.find(({ id }) => id === painter));
  let made = $state.raw<InvitationMade | null>(null);
  let isCopied = $state(false);

  async function invite() {
    await work.run(async () => {
      made = await api.post<InvitationMade>('team/invitations', {
        role: known?.role ?? role,
        email,
        painter: known?.id ?? null,
      });
      email = '';
      painter = null;
      isCopied = false;
      await queryClient.invalidateQueries({ queryKey: ['team'] });
    });
  }

  async function takeBack(id: string) {
    await work.run(async () => {
      queryClient.setQueryData(['team'], await api.delete<TeamSheet>(`team/invitations/${id}`));
      made = null;
    });
  }

  async function copy() {
    await navigator.clipboard.writeText(made?.address ?? '');
    isCopied = true;
  }
</script>

<section aria-labelledby="invite">
  <h2 id="invite" class="text-2xl">Invite somebody</h2>
  <div class="mt-2 flex max-w-xl flex-wrap items-end gap-3">
    {#if waiting.length > 0}
      <Choice
        label="For whom"
        caption="strong"
        class="w-72"
        bind:value={painter}
        options={[
          { value: null, words: 'somebody new' },
          ...waiting.map(({ id, name }) => ({ value: id, words: `${name}, who has painted here` })),
        ]}
      />
    {/if}
    {#if known === undefined}<Choice
        label="Comes as"
        caption="strong"
        class="w-72"
        bind:value={role}
        options={RoleValues.map((value) => ({
          value,
          words: `${roleWords[value].name}: ${roleWords[value].does}`,
        }))}
      />{/if}
    <div class="w-72">
      <Entry
        label="E-mail, where the link is to be sent"
        type="email"
        optional
        bind:value={email}
        message={work.of('email')}
      />
    </div>
    <button type="button" class="key" disabled={work.busy} onclick={invite}
      >{email === '' ? 'Make a link' : 'Send a link'}</button
    >
  </div>
  <Said message={work.of('painter') ?? work.general} />
  {#if made !== null}
    <p class="mt-3" role="status">
      {made.sentTo === '' ? 'Send this to one person.' : `It is on its way to ${made.sentTo}.`} It serves once,
      for a week, and is shown only now:
      <code class="mt-1 block max-w-xl border-2 border-ink bg-field px-3 py-2 break-all">{made.address}</code>
    </p>
    <button type="button" class="mt-2 key" onclick={copy}>{isCopied ? 'Copied' : 'Copy the link'}</button>
  {/if}
  {#if team.invitations.length > 0}
    <ul class="mt-3 max-w-xl">
      {#each team.invitations as open (open.id)}
        <li class="flex items-center justify-between gap-3 border-t border-seam">
          <span
            >A link for {open.name ?? `one ${roleWords[open.role].name}`}, until {dayName(
              open.endsAt,
              'UTC',
            )}</span
          >
          <button type="button" class="key-word" onclick={() => takeBack(open.id)}>Take it back</button>
        </li>
      {/each}
    </ul>
  {/if}
</section>
