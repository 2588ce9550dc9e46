<script lang="ts">
  import type { LineBoard, WaitingChild } from '../../../api/types.gen';
  import { LONGEST_NOTE } from '../../../api/tables.gen';
  import { roughly } from '../../../lib/minutes';
  import type { Line } from '../../../line/line.svelte';
  import Choice from '../../../ui/Choice.svelte';

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
  let typed = $state({
    firstName: child.firstName ?? '',
    design: child.designId,
    wish: child.wishId ?? '',
    note: child.note ?? '',
  });
  const wished = $derived(board.waiting.find(({ id }) => id === child.id));

  /** What waiting for the painter costs the child itself. */
  const wishCost = $derived(child.wishId === null ? 0 : line.costOfWish(child.id));

  function change(event: SubmitEvent) {
    event.preventDefault();
    line.change(child.id, typed.design, typed);
    done();
  }
</script>

<form class="flex flex-wrap items-end gap-2 px-2 pb-4" onsubmit={change}>
  <label class="grow">
    <span class="block text-[15px] text-soft">First name</span>
    <input class="field" maxlength="40" autocomplete="off" bind:value={typed.firstName} />
  </label>
  <div class="grow">
    <Choice
      label="Design"
      caption="soft"
      bind:value={typed.design}
      options={offered.map(({ designId, name }) => ({ value: designId, words: name }))}
    />
  </div>
  {#if board.roster.painters.length > 1}
    <div class="grow">
      <Choice
        label="Painter wished for"
        caption="soft"
        bind:value={typed.wish}
        options={[
          { value: '', words: 'whoever is free' },
          ...board.roster.painters.map(({ id, name }) => ({ value: id, words: name })),
        ]}
      />
    </div>
  {/if}
  <label class="grow">
    <span class="block text-[15px] text-soft">A word, for today only</span>
    <input class="field" maxlength={LONGEST_NOTE} autocomplete="off" bind:value={typed.note} />
  </label>
  {#if wishCost > 0}
    <p class="basis-full text-soft">
      Waiting for {board.roster.painters.find(({ id }) => id === wished?.wishId)?.name ?? 'that painter'} takes
      {roughly(wishCost)} longer than whoever is free.
    </p>
  {/if}
  <button type="submit" class="key">Change</button>
</form>
