<script lang="ts">
  import type { Answer } from './answers';

  interface Props {
    list: readonly Answer[];
    /** Whether better figures are on their way. */
    isRough: boolean;
  }

  const { list, isRough }: Props = $props();
</script>

<dl aria-busy={isRough}>
  {#each list as { question, big, says, because } (question)}
    <div class="grid items-baseline gap-x-6 border-b border-seam py-2.5 sm:grid-cols-[8.5rem_1fr]">
      <dt class="text-soft sm:col-start-2 sm:row-start-1">{question}</dt>
      <dd class="sm:row-span-2 sm:row-start-1">
        <span class="minutes text-4xl leading-none">{big}</span>
      </dd>
      <dd class="text-lg leading-snug sm:col-start-2">
        {says}
        <details class="inline-block align-top text-base open:block">
          <summary class="inline-flex min-h-6 items-center text-soft underline underline-offset-4"
            >Why</summary
          >
          <p class="max-w-2xl pb-1 text-soft">{because}</p>
        </details>
      </dd>
    </div>
  {/each}
</dl>
