<script lang="ts">
  const keys = [
    ['↑ ↓', 'the step above or below'],
    ['Tab', 'into the line of the chosen step'],
    ['Enter', 'on a step, a new line below it; in a line, it is read'],
    ['Alt ↑ ↓', 'carries the step; on the tape Alt ← →'],
    ['Shift ← →', 'on the tape, changes its time'],
    ['Delete', 'takes the step off'],
    ['Ctrl Z, Ctrl Y', 'undo, redo'],
    ['?', 'these keys'],
  ] as const;
</script>

<dl class="grid grid-cols-[auto_1fr] items-center gap-x-5 gap-y-2 text-lg">
  {#each keys as [key, does] (key)}
    <dt><kbd class="rounded border-2 border-ink px-3 font-bold whitespace-nowrap">{key}</kbd></dt>
    <dd>{does}</dd>
  {/each}
</dl>
