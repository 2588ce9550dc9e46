<script lang="ts">
  import type { Look } from './looks';
  import { shade } from './marks';
  import { EAR, FACE, LIMB, MOUTH, NECK } from './sheets';

  interface Props {
    look: Look;
    limb: boolean;
    /** Of the picture's own gradients. */
    id: string;
  }

  const { look, limb, id }: Props = $props();

  const line = $derived(shade(look.skin, -0.38));
  const deep = $derived(shade(look.skin, -0.16));
  const lip = $derived(`color-mix(in srgb, #c2504e 58%, ${look.skin})`);
  const flips = [undefined, 'translate(400 0) scale(-1 1)'];

  const backs: Record<Look['cut'], string> = {
    swept:
      'M200 26C92 24 40 96 46 200C48 238 54 262 66 282L92 250V150H308V250L334 282C346 262 352 238 354 200C360 96 308 24 200 26Z',
    bob: 'M200 24C90 22 34 96 40 206C42 268 38 318 52 362C78 380 104 372 112 352L100 170H300L288 352C296 372 322 380 348 362C362 318 358 268 360 206C366 96 310 22 200 24Z',
    curls:
      'M200 22C168 2 130 10 118 30C84 26 58 52 60 82C34 96 28 132 44 156C30 178 34 210 54 224C52 244 60 258 72 264L90 230V150H310V230L328 264C340 258 348 244 346 224C366 210 370 178 356 156C372 132 366 96 340 82C342 52 316 26 282 30C270 10 232 2 200 22Z',
  };
  const fronts: Record<Look['cut'], string> = {
    swept:
      'M58 214C48 120 104 50 200 50C296 50 352 120 342 214C336 176 322 142 296 122C252 128 176 120 134 96C116 118 78 150 58 214Z',
    bob: 'M60 226C46 120 104 48 200 48C296 48 354 120 340 226C334 180 322 150 300 126C268 100 232 92 200 92C168 92 132 100 100 126C78 150 66 180 60 226Z',
    curls:
      'M60 218C50 182 56 150 74 130C70 104 92 84 116 86C126 64 158 58 176 72C190 60 212 60 224 72C244 58 274 64 284 86C308 84 330 104 326 130C344 150 350 182 340 218C336 190 326 166 312 148C300 152 290 146 286 134C276 124 262 120 250 112C234 116 216 114 200 104C184 114 166 116 150 112C138 120 124 124 114 134C110 146 100 152 88 148C74 166 64 190 60 218Z',
  };
</script>

<defs>
  <radialGradient id="{id}-blush" cx="0.5" cy="0.5" r="0.5">
    <stop offset="0" stop-color="#e0604c" stop-opacity="0.34" />
    <stop offset="1" stop-color="#e0604c" stop-opacity="0" />
  </radialGradient>
  <linearGradient id="{id}-skin" x1="0" y1="0" x2="0" y2="1">
    <stop offset="0" stop-color={shade(look.skin, 0.1)} />
    <stop offset="0.62" stop-color={look.skin} />
    <stop offset="1" stop-color={deep} />
  </linearGradient>
</defs>

{#if limb}
  <path d={LIMB} fill="url(#{id}-skin)" stroke={line} stroke-width="2.5" />
  <path
    d="M128 -10L124 46C160 60 240 60 276 46L272 -10Z"
    fill={look.shirt}
    stroke={shade(look.shirt, -0.3)}
    stroke-width="2"
  />
  <path
    d="M124 46C160 60 240 60 276 46"
    fill="none"
    stroke={shade(look.shirt, 0.35)}
    stroke-width="3"
    stroke-dasharray="7 6"
    transform="translate(0 -9)"
  />
  <path
    d="M168 302C184 308 216 308 232 302M180 412C179 404 180 398 181 392M206 414C206 406 206 398 205 392M230 410C229 402 228 396 226 390"
    fill="none"
    stroke={line}
    stroke-width="2"
    stroke-linecap="round"
    opacity="0.55"
  />
{:else}
  <path d={backs[look.cut]} fill={shade(look.hair, -0.12)} />
  <path d={NECK} fill={deep} />
  <path
    d="M120 448C146 470 254 470 280 448C318 456 342 470 350 492H50C58 470 82 456 120 448Z"
    fill={look.shirt}
  />
  <path
    d="M120 449C146 471 254 471 280 449"
    fill="none"
    stroke={shade(look.shirt, -0.28)}
    stroke-width="6"
    stroke-linecap="round"
  />
  {#each flips as transform (transform)}
    <g {transform}>
      <path d={EAR} fill={look.skin} stroke={line} stroke-width="2" />
      <path
        d="M340 232C350 226 358 236 356 248C354 260 348 266 342 264"
        fill="none"
        stroke={line}
        stroke-width="2"
        stroke-linecap="round"
        opacity="0.6"
      />
    </g>
  {/each}
  <path d={FACE} fill="url(#{id}-skin)" stroke={line} stroke-width="2.2" />
  {#each flips as transform (transform)}
    <g {transform}>
      <ellipse cx="276" cy="306" rx="40" ry="30" fill="url(#{id}-blush)" />
      <path
        d="M219 203C238 186 274 184 299 199"
        fill="none"
        stroke={shade(look.hair, 0.06)}
        stroke-width="7"
        stroke-linecap="round"
      />
    </g>
  {/each}
  <path
    d="M184 305C190 313 210 313 216 305"
    fill="none"
    stroke={line}
    stroke-width="3"
    stroke-linecap="round"
    opacity="0.75"
  />
  <path d={MOUTH} fill={lip} />
  <path
    d="M160 341C182 352 218 352 240 341"
    fill="none"
    stroke={shade(look.skin, -0.55)}
    stroke-width="2.6"
    stroke-linecap="round"
  />
  <path d={fronts[look.cut]} fill={look.hair} />
  <path
    d={look.cut === 'bob'
      ? 'M132 74C164 58 214 56 246 64'
      : look.cut === 'curls'
        ? 'M126 84C138 74 152 72 164 78M236 74C250 70 266 76 272 86'
        : 'M140 84C188 104 240 108 286 104'}
    fill="none"
    stroke={shade(look.hair, 0.28)}
    stroke-width="4"
    stroke-linecap="round"
    opacity="0.55"
  />
{/if}
