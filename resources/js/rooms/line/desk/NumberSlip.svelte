<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { api } from '../../../api/client';
  import type { BoardLinkShown, LineBoard, WaitingChild } from '../../../api/types.gen';
  import { clockTime } from '../../../lib/minutes';
  import { whetherPaints } from '../../../lib/session';
  import { slipCodeOf } from '../../../line/slip-code';
  import type { Window } from '../../../line/windows';
  import Sheet from '../../../ui/Sheet.svelte';
  import Code from '../../../ui/Code.svelte';

  interface Props {
    board: LineBoard;
    child: WaitingChild;
    window: Window | undefined;
    open: boolean;
  }

  let { board, child, window, open = $bindable() }: Props = $props();

  const paints = whetherPaints();
  // The code only where the board has a link already: a slip is good without one.
  const link = createQuery(() => ({
    queryKey: ['board-link', board.day.id],
    queryFn: () => api.get<BoardLinkShown>(`days/${board.day.id}/board`),
    enabled: open && paints(),
  }));
  const address = $derived(link.data?.address ?? null);
  const time = (at: number) => clockTime(at, board.day.timezone);
</script>

<Sheet bind:open title="Slip of No. {child.number}">
  <div class="mx-auto w-[72mm] p-[5mm] text-center slip" data-for-paper>
    <p class="text-[4mm]">{board.day.place || board.day.name}</p>
    <p class="font-display text-[26mm] leading-none font-bold">{child.number}</p>
    <p class="text-[5mm]">Slip code {slipCodeOf(child.id)}</p>
    <p class="mt-[2mm] text-[6mm] leading-tight font-bold">{child.design}</p>
    <p class="mt-[2mm] text-[5mm] leading-tight">
      about <strong>{time(window?.about ?? child.callAt)}</strong>{#if window !== undefined}<br />between {time(
          window.from,
        )} and {time(window.until)}{/if}
    </p>
    {#if address !== null}
      <div class="mx-auto mt-[3mm] size-[34mm]">
        <Code text="{address}#{child.number}-{slipCodeOf(child.id)}" label="Code of No. {child.number}" />
      </div>
      <p class="text-[4mm]">Scan to see your turn come</p>
    {/if}
  </div>
  <button type="button" class="mt-4 key min-h-14 w-full text-lg key-ink" onclick={() => globalThis.print()}
    >Print the slip</button
  >
</Sheet>
