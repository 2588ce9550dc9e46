<script lang="ts">
  interface Props {
    /** As the browser's own chooser takes it. */
    accept: string;
    onfile: (file: File) => unknown;
  }

  const { accept, onfile }: Props = $props();

  async function choose({ currentTarget }: Event & { currentTarget: HTMLInputElement }) {
    const file = currentTarget.files?.[0];
    if (file !== undefined) {
      await onfile(file);
    }
    // The same one may be chosen again, once it was mended.
    currentTarget.value = '';
  }
</script>

<label class="key cursor-pointer has-focus-visible:outline-3">
  <span class="sm:hidden">Bring in</span><span class="max-sm:hidden">Bring in a file</span>
  <input type="file" {accept} class="sr-only" aria-label="Bring in a file" onchange={choose} />
</label>
