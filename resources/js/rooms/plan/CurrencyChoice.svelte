<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { api } from '../../api/client';
  import { currencies } from '../../api/tables.gen';
  import type { SessionState } from '../../api/types.gen';
  import Said from '../../ui/Said.svelte';

  const { currency }: { currency: string } = $props();

  const queryClient = useQueryClient();
  const names = new Intl.DisplayNames('en', { type: 'currency' });
  const codes = Object.keys(currencies);
  let message = $state('');

  async function choose(code: string) {
    try {
      const session = await api.put<SessionState>('currency', { currency: code });
      message = '';
      queryClient.setQueryData(['session'], session);
      await queryClient.invalidateQueries();
    } catch (error) {
      message = error instanceof Error ? error.message : String(error);
    }
  }
</script>

<label class="mt-2 block">
  <span class="text-soft">We are paid in</span>
  <select
    class="mt-1 field"
    value={currency}
    onchange={({ currentTarget }) => void choose(currentTarget.value)}
  >
    {#each codes as code (code)}
      <option value={code}>{code}, {names.of(code)}</option>
    {/each}
  </select>
</label>
<p class="text-soft">The figures on menus and plans stay: nothing is exchanged.</p>
<Said {message} />
