<script lang="ts">
  import { ShapeValues, TechniqueValues, type Zone, ZoneValues } from '../../../api/types.gen';
  import FaceMap from '../../../facemap/FaceMap.svelte';
  import { zoneNames } from '../../../api/tables.gen';
  import { shapeName, techniqueNames } from '../../../lib/techniques';
  import { markIn, placementOf, shapeIn } from './samples';
  import Choice from '../../../ui/Choice.svelte';

  let zone = $state<Zone>('cheek');
  const marks = TechniqueValues.filter((technique) => technique !== 'wait' && technique !== 'tidy');
</script>

<div class="px-3 py-5 sm:px-8">
  <h1 class="text-4xl">Marks and shapes</h1>
  <p class="mt-2 max-w-2xl text-lg">
    Every mark and every shape that a step can name, as the face map draws it. Type the word in a step’s line:
    “brush fill starfish buoy orange cheek left”.
  </p>
  <div class="mt-4">
    <Choice
      label="Shown on the"
      caption="strong"
      class="w-52"
      bind:value={zone}
      options={ZoneValues.map((value) => ({ value, words: zoneNames[value] }))}
    />
  </div>

  {#snippet sample(name: string, steps: ReturnType<typeof markIn>[])}
    <figure class="flex flex-col items-center">
      <div class="h-44 w-full"><FaceMap title={name} placement={placementOf(zone)} {steps} /></div>
      <figcaption class="mt-1 text-center leading-tight">{name}</figcaption>
    </figure>
  {/snippet}

  <h2 class="mt-8 text-2xl">Marks</h2>
  <div class="mt-3 grid grid-cols-[repeat(auto-fill,minmax(130px,1fr))] gap-x-3 gap-y-5">
    {#each marks as technique (technique)}
      {@render sample(techniqueNames[technique], [markIn(technique, zone)])}
    {/each}
  </div>
  <h2 class="mt-10 text-2xl">Shapes</h2>
  <div class="mt-3 grid grid-cols-[repeat(auto-fill,minmax(130px,1fr))] gap-x-3 gap-y-5">
    {#each ShapeValues as shape (shape)}
      {@render sample(shapeName(shape), [shapeIn(shape, zone)])}
    {/each}
  </div>
</div>
