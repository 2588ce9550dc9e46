<script lang="ts">
  import { createQuery, useQueryClient } from '@tanstack/svelte-query';
  import { api } from '../../../api/client';
  import type { BoardLinkShown, LineBoard, WaitingChild } from '../../../api/types.gen';
  import { slipCodeOf } from '../../../line/slip-code';
  import Sheet from '../../../ui/Sheet.svelte';
  import Said from '../../../ui/Said.svelte';
  import Code from '../../../ui/Code.svelte';
  import Tick from '../../../ui/Tick.svelte';

  interface Props {
    board: LineBoard;
    open: boolean;
    /** Who was given a number last, for a code of their own. */
    child: Pick<WaitingChild, 'id' | 'number'> | undefined;
  }

  let { board, open = $bindable(), child }: Props = $props();
  const number = $derived(child?.number ?? null);

  const queryClient = useQueryClient();
  const key = $derived(['board-link', board.day.id]);
  const query = createQuery(() => ({
    queryKey: key,
    queryFn: () => api.get<BoardLinkShown>(`days/${board.day.id}/board`),
    enabled: open,
  }));
  const address = $derived(query.data?.address ?? null);
  let said = $state('');

  async function change(ask: () => Promise<BoardLinkShown>) {
    said = '';
    try {
      queryClient.setQueryData(key, await ask());
    } catch (error) {
      said = error instanceof Error ? error.message : String(error);
    }
  }

  const share = (showsNames: boolean) =>
    change(() => api.put<BoardLinkShown>(`days/${board.day.id}/board`, { showsNames }));
  const revoke = () => change(() => api.delete<BoardLinkShown>(`days/${board.day.id}/board`));
</script>

<Sheet bind:open title="Board for parents">
  {#if address === null}
    <p class="text-lg">
      A page without sign-in: who is being painted, who is next and about when, and the menu. For a second
      screen, and for parents’ phones by a code. Numbers only, and no surname ever.
    </p>
    <button type="button" class="mt-4 key min-h-14 w-full text-lg key-ink" onclick={() => share(false)}
      >Make the board’s link</button
    >
  {:else}
    <div class="grid gap-5 sm:grid-cols-[240px_1fr]">
      <div>
        <div class="size-60" data-for-paper>
          <Code
            text={child === undefined ? address : `${address}#${child.number}-${slipCodeOf(child.id)}`}
            label="Code of the board"
          />
        </div>
        <p class="mt-1 text-center text-lg">
          {number === null ? 'Scan for the line' : `Scan for No. ${number}`}
        </p>
      </div>
      <div class="flex flex-col gap-3">
        <p class="text-[15px] break-all text-soft">{address}</p>
        <a class="key min-h-14" href={address} target="_blank" rel="noopener">Open on a second screen</a>
        <button type="button" class="key min-h-14" onclick={() => window.print()}>Print the code</button>
        <Tick checked={query.data?.showsNames === true} onturn={share}
          ><span class="text-lg">First names beside the numbers</span></Tick
        >
        <button
          type="button"
          class="min-h-11 text-left text-rust underline underline-offset-4"
          onclick={revoke}>End this link: codes that were handed out stop working</button
        >
      </div>
    </div>
  {/if}
  <Said message={said} />
</Sheet>
