<script lang="ts">
  import type { Look } from './looks';
  import { shade } from './marks';
  import { EYE } from './sheets';

  const { look, shut, id }: { look: Look; shut: boolean; id: string } = $props();

  const line = '#2b1d16';
</script>

<clipPath id="{id}-eye"><path d={EYE} /></clipPath>
{#each [undefined, 'translate(400 0) scale(-1 1)'] as transform (transform)}
  <g {transform}>
    {#if shut}
      <path
        d="M219 246C238 262 284 262 303 246M232 256L227 264M248 260.500L246 270M264 261L266 271M280 258L286 267M293 252L301 259"
        fill="none"
        stroke={line}
        stroke-width="3.6"
        stroke-linecap="round"
      />
    {:else}
      <path d={EYE} fill="#ffffff" />
      <g clip-path="url(#{id}-eye)">
        <circle
          cx="260"
          cy="241"
          r="17.500"
          fill={look.iris}
          stroke={shade(look.iris, -0.4)}
          stroke-width="2"
        />
        <circle cx="260" cy="241" r="8.500" fill="#120d0a" />
        <path d="M214 238C236 222 286 222 308 238V214H214Z" fill="#2b1d16" opacity="0.16" />
      </g>
      <path d={EYE} fill="none" stroke={line} stroke-width="1.6" opacity="0.7" />
      <path
        d="M217 243C231 218 287 218 305 243"
        fill="none"
        stroke={line}
        stroke-width="4.4"
        stroke-linecap="round"
      />
    {/if}
  </g>
{/each}
{#if !shut}
  <!-- The light comes from one side for both eyes. -->
  {#each [254, 134] as x (x)}
    <circle cx={x} cy="233.500" r="5" fill="#ffffff" />
    <circle cx={x + 11} cy="248" r="2.200" fill="#ffffff" opacity="0.8" />
  {/each}
{/if}
