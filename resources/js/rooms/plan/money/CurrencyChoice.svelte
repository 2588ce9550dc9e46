<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { api } from '../../../api/client';
  import { currencies } from '../../../api/tables.gen';
  import type { SessionState } from '../../../api/types.gen';
  import Said from '../../../ui/Said.svelte';
  import Choice from '../../../ui/Choice.svelte';

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

<div class="mt-2">
  <Choice
    label="We are paid in"
    caption="soft"
    value={currency}
    options={codes.map((code) => ({ value: code, words: `${code}, ${names.of(code) ?? ''}` }))}
    onchoose={(code) => void choose(code)}
  />
</div>
<p class="text-soft">The figures on menus and plans stay: nothing is exchanged.</p>
<Said {message} />
