<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { api } from '../../api/client';
  import { type Role, RoleValues, type TeamMember, type TeamSheet } from '../../api/types.gen';
  import { Submission } from '../../lib/form.svelte';
  import Choice from '../../ui/Choice.svelte';
  import Said from '../../ui/Said.svelte';
  import Sheet from '../../ui/Sheet.svelte';
  import Tick from '../../ui/Tick.svelte';
  import { roleWords } from './words';

  const { team }: { team: TeamSheet } = $props();

  const queryClient = useQueryClient();
  const work = new Submission();
  let leaving = $state.raw<TeamMember | null>(null);
  let keepsName = $state(true);

  async function settle(ask: () => Promise<TeamSheet>) {
    return work.run(async () => {
      queryClient.setQueryData(['team'], await ask());
      await queryClient.invalidateQueries({ queryKey: ['session'] });
    });
  }

  const change = (member: TeamMember, role: Role) =>
    settle(() => api.put<TeamSheet>(`team/members/${member.id}`, { role }));

  const endLink = (member: TeamMember) =>
    settle(() => api.delete<TeamSheet>(`team/members/${member.id}/calendar-link`));

  async function letGo(member: TeamMember) {
    if (await settle(() => api.delete<TeamSheet>(`team/members/${member.id}`, { keepsName }))) {
      leaving = null;
    }
  }
</script>

<ul class="max-w-3xl">
  {#each team.members as member (member.id)}
    <li class="flex flex-wrap items-center gap-x-4 gap-y-1 border-t border-seam py-2">
      <span class="min-w-48 grow">
        <strong class="text-xl">{member.name}</strong>{member.isYou ? ', you' : ''}
        <span class="block text-soft">{member.email ?? 'cannot sign in yet'}</span>
      </span>
      {#if team.answersForIt}
        <Choice
          class="w-36"
          label="What {member.name} is"
          value={member.role}
          options={RoleValues.map((value) => ({ value, words: roleWords[value].name }))}
          onchoose={(role) => void change(member, role)}
        />
        {#if member.hasCalendarLink}
          <button
            type="button"
            class="key-word"
            aria-label="End {member.name}’s calendar link"
            onclick={() => void endLink(member)}>End calendar link</button
          >
        {/if}
        <button
          type="button"
          class="key-word"
          aria-label="Let {member.name} go"
          onclick={() => (leaving = member)}>Let go …</button
        >
      {:else}
        <span>{roleWords[member.role].name}</span>
      {/if}
    </li>
  {/each}
</ul>
{#if leaving === null}<Said message={work.of('role') ?? work.general} />{/if}

<Sheet
  bind:open={() => leaving !== null, (open) => open || (leaving = null)}
  title="Let {leaving?.name ?? ''} go?"
>
  {#if leaving !== null}
    {@const member = leaving}
    <p class="text-lg">
      {member.name} is signed out everywhere at once, and sits in no event to come. What was painted stays in the
      logbook; {member.name}’s own bag goes along.
    </p>
    <div class="mt-3"><Tick bind:checked={keepsName}>the name stays beside what was painted</Tick></div>
    <Said message={work.of('member') ?? work.general} />
    <button
      type="button"
      class="mt-4 key min-h-14 w-full text-lg key-ink"
      disabled={work.busy}
      onclick={() => letGo(member)}>Let {member.name} go</button
    >
  {/if}
</Sheet>
