<script lang="ts">
  import {
    handAtKeys,
    lightChosen,
    type Remembered,
    shakesWanted,
    soundsWanted,
  } from '../../lib/remembered.svelte';
  import { p } from '../../router';
  import Sheet from '../../ui/Sheet.svelte';

  interface Props {
    open: boolean;
    /** Undefined where there is nothing to show it on. */
    tour?: (() => void) | undefined;
  }

  let { open = $bindable(), tour }: Props = $props();

  const choices: { title: string; about: string; kept: Remembered; of: [string, string][] }[] = [
    {
      title: 'Light',
      about: 'As the device has it, unless you choose.',
      kept: lightChosen,
      of: [
        ['device', 'As the device'],
        ['paper', 'Paper'],
        ['sun', 'Bright sun'],
        ['dim', 'Dim'],
      ],
    },
    {
      title: 'Hand that taps',
      about: 'The keys stand on its side.',
      kept: handAtKeys,
      of: [
        ['right', 'Right'],
        ['left', 'Left'],
      ],
    },
    {
      title: 'Sounds',
      about: 'A step is over its time, a wait is over, eyes may open.',
      kept: soundsWanted,
      of: [
        ['no', 'None'],
        ['yes', 'Sounds'],
      ],
    },
    {
      title: 'Shakes',
      about: 'The same, felt on a phone.',
      kept: shakesWanted,
      of: [
        ['no', 'None'],
        ['yes', 'Shakes'],
      ],
    },
  ];
</script>

<Sheet bind:open title="On this device">
  {#each choices as choice (choice.title)}
    <fieldset class="mb-4">
      <legend class="text-xl font-bold">{choice.title}</legend>
      <p class="text-soft">{choice.about}</p>
      <div class="mt-1 grid grid-cols-2 gap-2">
        {#each choice.of as [value, name] (value)}
          <button
            type="button"
            class={['key min-h-14 text-lg', choice.kept.value === value && 'key-ink']}
            aria-pressed={choice.kept.value === value}
            onclick={() => (choice.kept.value = value)}>{name}</button
          >
        {/each}
      </div>
    </fieldset>
  {/each}
  <a class="mb-2 key min-h-14 w-full text-lg" href={p('/team')} onclick={() => (open = false)}
    >The team, passwords, signing out</a
  >
  {#if tour !== undefined}
    <button
      type="button"
      class="key min-h-14 w-full text-lg"
      onclick={() => {
        open = false;
        tour();
      }}>A tour on a made-up child</button
    >
  {/if}
</Sheet>
