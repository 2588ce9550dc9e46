<script lang="ts">
  import { afterFaceNames, WATER_FACES } from '../../api/tables.gen';
  import type { AfterFace } from '../../api/types.gen';
  import { minutes, runningMinutes } from '../../lib/minutes';
  import { childName } from '../../line/line';
  import type { Chair } from './chair.svelte';

  const { chair }: { chair: Chair } = $props();

  let paying = $state(false);

  const parts = $derived(
    (Object.keys(afterFaceNames) as AfterFace[]).filter(
      (part) => part !== 'photo' || chair.child?.cautions?.includes('photo') !== true,
    ),
  );

  function press(part: AfterFace) {
    if (part === 'pay') {
      paying = true;
    } else {
      chair.after(part);
    }
  }
</script>

<p class="text-lg text-soft">{chair.child === null ? '' : childName(chair.child)} · {chair.child?.design}</p>
<div class="flex flex-wrap items-baseline gap-x-5">
  <h1 class="mt-1 grow text-[2.2rem] low:text-4xl">Mirror, photo, wipe down</h1>
  <p
    class="minutes text-5xl leading-none sm:text-7xl low:text-5xl"
    role="timer"
    aria-label="Since the last step"
  >
    {runningMinutes(chair.turnaroundMs)}
  </p>
</div>
<p class="mt-2 text-lg sm:text-xl">
  Painted in {minutes(chair.faceMs)}{chair.child?.promiseMs == null
    ? ''
    : `, promised ${minutes(chair.child.promiseMs)}`}.
</p>
<ul class="mt-3 grid grid-cols-2 gap-2 sm:grid-cols-3" aria-label="After the face">
  {#each parts as part (part)}
    {@const done = chair.child?.parts.includes(part) === true || (part === 'pay' && chair.child?.isPaid)}
    {@const wanted = part === 'water' && chair.wantsWater && !done}
    <li>
      <button
        type="button"
        class={[
          'key min-h-14 w-full justify-between gap-2 px-3 text-left text-lg leading-tight',
          done && 'bg-card text-soft',
          wanted && 'bg-brass',
        ]}
        aria-pressed={done}
        disabled={done}
        onclick={() => press(part)}
        ><span
          >{afterFaceNames[part]}{#if wanted}<span class="block text-[15px]"
              >{chair.facesSinceWater + 1} faces in it, {WATER_FACES} are enough</span
            >{/if}</span
        ><span aria-hidden="true">{done ? '✓' : ''}</span></button
      >
    </li>
  {/each}
</ul>
{#if chair.next !== undefined}
  <p class="mt-3 border-l-[6px] border-sea pl-3 text-lg">
    Next {childName(chair.next)}, {chair.next.design}.
    {#if chair.next.note !== null}<strong>{chair.next.note}.</strong>{/if}
  </p>
{/if}

{#if paying}
  {#await import('./Pay.svelte') then { default: Pay }}
    <Pay {chair} bind:open={paying} />
  {/await}
{/if}
