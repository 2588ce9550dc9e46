<script lang="ts">
  import Said from '../../ui/Said.svelte';
  import type { Ways } from './ways.svelte';

  const { ways }: { ways: Ways } = $props();
</script>

<p class="text-soft">Good painters differ here. Every rule and every best order goes by your answers.</p>
<Said message={ways.form.message} />
<div class="mt-3 grid gap-x-8 gap-y-5 sm:grid-cols-2">
  {#each ways.sheet?.questions ?? [] as { question, label, schools, chosen } (question)}
    <fieldset>
      <legend class="font-display text-lg font-bold">{label}</legend>
      {#each schools as { school, label: words } (school)}
        <label class="flex min-h-11 items-center gap-2.5">
          <input
            type="radio"
            class="size-5 shrink-0 accent-ink"
            name={question}
            checked={school === chosen}
            disabled={ways.form.busy}
            onchange={() => ways.choose(question, school)}
          />{words}
        </label>
      {/each}
    </fieldset>
  {/each}
</div>
