<script lang="ts">
  import { outbox } from '../../api/outbox.svelte';
  import { Line } from '../../line/line.svelte';
  import { idInAddress } from '../../router';
  import Loading from '../../ui/Loading.svelte';
  import Trouble from '../../ui/Trouble.svelte';
  import DayDesk from '../line/desk/DayDesk.svelte';

  const id = $derived(idInAddress());
  const line = new Line(() => id);

  $effect(() => line.listen());
  $effect(() => outbox.account(line.setAside));
</script>

{#if line.board !== undefined}
  <DayDesk {line} board={line.board} />
{:else if line.error !== null}
  <Trouble error={line.error} />
{:else}
  <Loading what="Looking at the line" />
{/if}
