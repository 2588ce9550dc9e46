<script lang="ts">
  import Cropper from 'svelte-easy-crop';
  import { type PhotoOf, PhotoOfValues, type PhotoPlace, PhotoPlaceValues } from '../../../api/types.gen';
  import { whetherAnswers } from '../../../lib/session';
  import Tick from '../../../ui/Tick.svelte';
  import type { Bench } from '../bench.svelte';
  import { OwnPhoto } from './own-photo.svelte';

  const { bench }: { bench: Bench } = $props();

  const ofNames: Record<PhotoOf, string> = {
    board: 'a practice board',
    arm: 'my own arm or hand',
    face: 'somebody’s face',
  };
  const placeNames: Record<PhotoPlace, string> = {
    team: 'the shelf and the menu desk',
    cards: 'printed boards and cards',
    parents: 'the parents’ board, on their phones too',
  };
  const answers = whetherAnswers();
  // svelte-ignore state_referenced_locally
  const own = new OwnPhoto(bench);
  let crop = $state({ x: 0, y: 0 });
  let zoom = $state(1);
  const photo = $derived(bench.sheet.photo);

  function choose({ currentTarget }: Event & { currentTarget: HTMLInputElement }) {
    const file = currentTarget.files?.[0];
    if (file !== undefined) {
      crop = { x: 0, y: 0 };
      zoom = 1;
      void own.choose(file);
    }
    currentTarget.value = '';
  }
</script>

{#snippet chooser(words: string, capture: boolean)}
  <label class="key cursor-pointer has-focus-visible:outline-3"
    >{words}<input
      type="file"
      accept="image/jpeg,image/png,image/webp"
      capture={capture ? 'environment' : undefined}
      class="sr-only"
      aria-label={words}
      onchange={choose}
    /></label
  >
{/snippet}

{#if own.chosen !== null}
  <p class="mb-2">Move it until the design fills the square. Two fingers or the bar make it larger.</p>
  <!-- The cropper gives what is dragged no name. -->
  <div
    class="relative h-[min(46dvh,26rem)] w-full overflow-hidden rounded-lg bg-ink"
    {@attach (node) =>
      node.querySelector('[role=button]')?.setAttribute('aria-label', 'The photo, to be moved')}
  >
    <Cropper
      image={own.chosen.address}
      bind:crop
      bind:zoom
      aspect={1}
      oncropcomplete={({ pixels }) => (own.area = pixels)}
    />
  </div>
  <label class="mt-2 flex min-h-11 items-center gap-3"
    >Larger <input
      type="range"
      class="grow accent-ink"
      min="1"
      max="3"
      step="0.05"
      bind:value={zoom}
    /></label
  >
  <fieldset class="mt-2">
    <legend class="font-semibold">It is painted on</legend>
    {#each PhotoOfValues as of (of)}
      <label class="mr-5 inline-flex min-h-11 cursor-pointer items-center gap-2"
        ><input
          type="radio"
          class="size-5 accent-ink"
          name="photo-of"
          value={of}
          bind:group={own.of}
        />{ofNames[of]}</label
      >
    {/each}
  </fieldset>
  {#if own.of === 'face'}
    <p class="mt-1 border-l-4 border-rust pl-3">
      A photo of a child is kept only with a parent’s yes, and shown only where they agreed to it. They may
      change their mind at any time: then delete it here. What your country or the school says of children’s
      photos comes first.
    </p>
    <Tick bind:checked={own.yes}>A parent said yes to this photo, or the face is mine</Tick>
  {/if}
  <p class="mt-3 flex flex-wrap gap-2">
    <button
      type="button"
      class="key key-ink"
      disabled={own.isBusy || (own.of === 'face' && !own.yes)}
      onclick={() => own.keep()}>{own.isBusy ? 'Keeping it …' : 'Keep the photo'}</button
    >
    <button type="button" class="key" onclick={() => own.drop()}>Not this one</button>
  </p>
{:else if photo === null}
  <p>
    Your own photo of this design: on a practice board, on your arm, or on a face with a yes to it. You see it
    on the bench; elsewhere the drawing stays until you say otherwise.
  </p>
  <p class="mt-3 flex flex-wrap gap-2">
    {@render chooser('Choose a photo', false)}
    {@render chooser('Take a photo', true)}
    {#if own.canUndo}<button type="button" class="key" onclick={() => own.bringBack()}
        >Undo: bring it back</button
      >{/if}
  </p>
{:else}
  <div class="flex flex-wrap gap-5">
    <img src={photo.address} alt="{bench.draft.name}, own photo" class="size-56 rounded-lg object-cover" />
    <div class="min-w-0 grow basis-60">
      <fieldset>
        <legend class="font-semibold">Show it instead of the drawing on</legend>
        {#each PhotoPlaceValues as place (place)}
          <Tick
            checked={photo.on.includes(place)}
            disabled={!answers() || own.isBusy}
            onturn={(isShown) => own.show(place, isShown)}>{placeNames[place]}</Tick
          >
        {/each}
      </fieldset>
      {#if !answers()}<p class="text-soft">The owner of the team says where.</p>{/if}
      {#if photo.of === 'face'}
        <p class="mt-1 border-l-4 border-rust pl-3">
          A face: show it only where its owner, or a child’s parent, agreed to it.
        </p>
      {/if}
    </div>
  </div>
  <p class="mt-4 flex flex-wrap gap-2">
    {@render chooser('Another photo', false)}
    <button type="button" class="key" disabled={own.isBusy} onclick={() => own.throwAway()}>Delete it</button>
  </p>
{/if}
{#if own.message !== ''}<p class="mt-2 text-rust" role="alert">{own.message}</p>{/if}
