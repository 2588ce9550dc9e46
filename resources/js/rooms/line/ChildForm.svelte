<script lang="ts">
  import type { LineBoard, WaitingChild } from '../../api/types.gen';
  import type { Line } from '../../line/line.svelte';

  interface Props {
    line: Line;
    board: LineBoard;
    child: WaitingChild;
    done: () => void;
  }

  const { line, board, child, done }: Props = $props();

  const offered = $derived(
    board.menu.some((offer) => offer.designId === child.designId)
      ? board.menu
      : [{ designId: child.designId, name: child.design }, ...board.menu],
  );

  // What is typed starts from what is known, and is this form's own from then on: the line is read again while one types.
  // svelte-ignore state_referenced_locally
  let typed = $state({ firstName: child.firstName ?? '', design: child.designId });

  function change(event: SubmitEvent) {
    event.preventDefault();
    line.change(child.id, typed.design, typed.firstName.trim());
    done();
  }
</script>

<form class="flex flex-wrap items-end gap-2 px-2 pb-4" onsubmit={change}>
  <label class="grow">
    <span class="block text-[15px] text-soft">First name</span>
    <input class="field" maxlength="40" autocomplete="off" bind:value={typed.firstName} />
  </label>
  <label class="grow">
    <span class="block text-[15px] text-soft">Design</span>
    <select class="field" bind:value={typed.design}>
      {#each offered as offer (offer.designId)}<option value={offer.designId}>{offer.name}</option>{/each}
    </select>
  </label>
  <button type="submit" class="key">Change</button>
</form>
