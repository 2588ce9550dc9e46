<script lang="ts">
  import type { LineBoard } from '../../../api/types.gen';
  import type { Line } from '../../../line/line.svelte';
  import Sheet from '../../../ui/Sheet.svelte';
  import { readNames } from './names';
  import Choice from '../../../ui/Choice.svelte';

  interface Props {
    line: Line;
    board: LineBoard;
    open: boolean;
    /** The tickets that they were given. */
    taken: (tickets: string[]) => void;
  }

  let { line, board, open = $bindable(), taken }: Props = $props();

  const EXAMPLE = 'Noor: seal pup\nEmil\nWren: wave band';

  let text = $state('');
  let chosen = $state('');
  let wish = $state('');
  const offered = $derived(board.menu.filter(({ designId }) => !board.soldOut.includes(designId)));
  const usual = $derived((offered.find(({ designId }) => designId === chosen) ?? offered[0])?.designId ?? '');
  const read = $derived(readNames(text, offered, usual));
  const nameOf = (design: string) => board.menu.find(({ designId }) => designId === design)?.name ?? '';

  const sideBySide = $derived(line.linesEach.length > 1 && wish === '');

  function take() {
    taken(line.joinTogether(read.children, wish === '' ? null : wish));
    text = '';
    open = false;
  }
</script>

<Sheet bind:open title="Names of a party">
  <label class="block">
    <span class="font-semibold">First names, one to a line; the design behind a colon where it is known</span>
    <textarea class="mt-1 field min-h-40 text-lg" placeholder={EXAMPLE} bind:value={text}></textarea>
  </label>
  <div class="mt-3 flex flex-col gap-3">
    <Choice
      label="Whoever does not say gets"
      caption="soft"
      value={usual}
      options={offered.map(({ designId, name }) => ({ value: designId, words: name }))}
      onchoose={(design) => (chosen = design)}
    />
    {#if line.linesEach.length > 1}
      <Choice
        label="Painted"
        caption="soft"
        bind:value={wish}
        options={[
          { value: '', words: 'side by side, by whoever is free' },
          ...line.linesEach.map(({ painter, name }) => ({
            value: painter,
            words: `one after another, by ${name}`,
          })),
        ]}
      />
    {/if}
  </div>
  {#if read.children.length > 0}
    <p class="mt-3 text-lg" role="status">
      {read.children.length}
      {read.children.length === 1
        ? 'child'
        : `children, ${sideBySide ? 'one behind the other in the line' : 'one after another'}`}:
      {read.children.map(({ firstName, design }) => `${firstName} (${nameOf(design)})`).join(', ')}.
    </p>
  {/if}
  {#each read.remarks as remark (remark)}
    <p class="mt-1 text-rust">{remark}</p>
  {/each}
  <button
    type="button"
    class="mt-4 key min-h-14 w-full text-lg key-ink"
    disabled={read.children.length === 0 || read.children.some(({ design }) => design === '')}
    onclick={take}>Give them numbers</button
  >
</Sheet>
