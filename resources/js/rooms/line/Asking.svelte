<script lang="ts">
  import { cautionNames } from '../../api/tables.gen';
  import type { Caution } from '../../api/types.gen';
  import { childName } from '../../line/line';
  import { minutes } from '../../lib/minutes';
  import type { Chair } from './chair.svelte';

  const { chair, another }: { chair: Chair; another: () => void } = $props();

  const cautions = Object.keys(cautionNames) as Caution[];
</script>

<p class="text-lg text-soft">
  <button type="button" class="float-right min-h-11 text-ink underline underline-offset-4" onclick={another}
    >Another design</button
  >
  {chair.child === null ? '' : childName(chair.child)} · {chair.child?.design}, {minutes(
    chair.plan?.totalMs ?? 0,
  )} planned
</p>
<h1 class="mt-1 text-[2.4rem] sm:text-5xl low:text-4xl">Ask first</h1>
<p class="mt-1 text-lg leading-snug max-sm:hidden">
  A parent’s yes, age, allergies, skin, eyes, lips, a photo. Touch what is not as it should be.
</p>
<ul class="mt-3 grid grid-cols-3 gap-2 sm:grid-cols-4">
  {#each cautions as caution (caution)}
    {@const marked = chair.answers.includes(caution)}
    <li>
      <button
        type="button"
        class={[
          'key min-h-14 w-full px-1 text-[15px] leading-tight sm:px-2 sm:text-lg',
          marked && 'key-rust',
        ]}
        aria-pressed={marked}
        onclick={() => chair.mark(caution)}>{cautionNames[caution]}</button
      >
    </li>
  {/each}
</ul>
<div class="mt-3 text-lg leading-snug" role="status">
  {#each chair.advice as advice (advice.caution)}
    <p class={['mb-1 border-l-[6px] pl-3', advice.refused ? 'border-rust font-semibold' : 'border-brass']}>
      {advice.words}
    </p>
  {/each}
</div>
<p class="mt-auto pt-3 text-[15px] text-soft">
  What is answered is kept with the time and who asked. Local rules and licensed practice come first; this is
  no medical advice.
</p>
