<script lang="ts">
  interface Props {
    text: string;
    undo: () => unknown;
    dismiss: () => void;
  }

  const { text, undo, dismiss }: Props = $props();
</script>

<div
  class="fixed inset-x-0 bottom-0 z-30 flex flex-wrap items-center gap-4 bg-ink px-5 py-3 text-lg text-paper"
  role="status"
>
  <span class="grow">{text}</span>
  <button type="button" class="min-h-11 rounded-lg border-2 border-paper px-5 font-semibold" onclick={undo}
    >Undo</button
  >
  <button type="button" class="min-h-11 px-2 underline underline-offset-4" onclick={dismiss}>All right</button
  >
</div>
