<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { api } from '../../../api/client';
  import type { LineBoard, TextsShown } from '../../../api/types.gen';
  import { clockTime } from '../../../lib/minutes';
  import Sheet from '../../../ui/Sheet.svelte';

  interface Props {
    board: LineBoard;
    open: boolean;
  }

  let { board, open = $bindable() }: Props = $props();

  const REFRESH_MS = 3_000;
  const query = createQuery(() => ({
    queryKey: ['texts', board.day.id],
    queryFn: () => api.get<TextsShown>(`days/${board.day.id}/texts`),
    enabled: open,
    refetchInterval: REFRESH_MS,
  }));
</script>

<Sheet bind:open title="Texts to parents">
  <p class="text-lg">
    {query.data?.wishes ?? 0}
    {query.data?.wishes === 1 ? 'phone wants' : 'phones want'} to be texted. Parents ask for it themselves on the
    board’s page; their numbers are forgotten after the day. The service behind it is a stand-in that carries nothing.
  </p>
  <ul class="mt-4">
    {#each query.data?.texts ?? [] as text, at (at)}
      <li class="border-t border-seam py-2 text-lg">
        <p class={[!text.isTaken && 'line-through decoration-rust decoration-2']}>{text.words}</p>
        <p class="text-[15px] text-soft">
          {clockTime(text.sentAt, board.day.timezone)} · No. {text.number} · phone …{text.phoneEnds}{text.isTaken
            ? ''
            : ' · not taken: call this child'}
        </p>
      </li>
    {:else}
      <li class="text-lg text-soft">Nothing was sent yet.</li>
    {/each}
  </ul>
</Sheet>
