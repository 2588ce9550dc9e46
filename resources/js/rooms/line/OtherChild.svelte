<script lang="ts">
  import type { LineBoard } from '../../api/types.gen';
  import { childName } from '../../line/line';
  import { minutes } from '../../lib/minutes';
  import Sheet from '../../ui/Sheet.svelte';
  import type { Chair } from './chair.svelte';

  let { chair, board, open = $bindable() }: { chair: Chair; board: LineBoard; open: boolean } = $props();

  const wished = (id: string | null) => (id === null ? '' : `, wishes for ${chair.nameOf(id) ?? 'somebody'}`);
</script>

<Sheet bind:open title="Seat another child">
  <ul class="flex flex-col gap-2">
    {#each board.waiting.slice(0, 8) as child (child.id)}
      <li>
        <button
          type="button"
          class={[
            'key min-h-14 w-full justify-between text-left text-lg',
            child.id === chair.next?.id && 'key-ink',
          ]}
          onclick={() => {
            chair.seat(child);
            open = false;
          }}
        >
          <strong>{childName(child)}</strong>
          <span class="text-base font-normal"
            >{child.design}, {minutes(child.plannedMs)}{child.overdue
              ? ', called and not there'
              : child.called
                ? ', called'
                : ''}{wished(child.wishId)}</span
          >
        </button>
      </li>
    {/each}
  </ul>
</Sheet>
