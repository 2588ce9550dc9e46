<script lang="ts">
  import { minutes } from '../lib/minutes';
  import { HEADROOM, type Piece, type Tear, placeLabels, tickMinutes } from './tape';

  interface Props {
    pieces: readonly Piece[];
    /** What a screen reader says of the whole tape. */
    label: string;
    pixelsPerMinute: number;
    from?: number;
    to: number;
    height?: number;
    /** The yellow rule with its minutes under the pieces. */
    ruled?: boolean;
    /** Where the pieces' words stand. */
    words?: 'above' | 'inside' | 'none';
    /** Where the hook hangs. */
    hook?: number | null;
    mark?: { at: number; text: string } | null;
    /** How a number on the tape reads; minutes when not given. */
    number?: (at: number) => string;
    selected?: string | null;
    /** Where it may be torn off. */
    tears?: readonly Tear[];
    /** How much later than its end the whole is done, twice of ten. */
    softEnd?: { from: number; length: number } | null;
  }

  const {
    pieces,
    label,
    pixelsPerMinute,
    from = 0,
    to,
    height = 56,
    ruled = true,
    words = 'above',
    hook = null,
    mark = null,
    number = (at) => String(Math.round(at / 60_000)),
    selected = null,
    tears = [],
    softEnd = null,
  }: Props = $props();

  const RAISED = 8;
  const SOFT_HIGH = 14;
  const LETTER = 8.1;
  const px = (at: number) => ((at - from) / 60_000) * pixelsPerMinute;
  const headroom = $derived(words === 'above' ? HEADROOM : ruled ? 12 : 1);
  const base = $derived(headroom + height);
  const ruler = $derived(ruled ? 34 : 1);
  const width = $derived(Math.ceil(px(to)) + 2);
  const total = $derived(base + ruler + (mark !== null ? 26 : ruled ? 6 : 0));
  const labels = $derived(
    words === 'above'
      ? placeLabels(
          pieces.flatMap((piece) =>
            piece.label === undefined
              ? []
              : [
                  {
                    text: piece.label,
                    x: px(piece.start) + 3,
                    isChosen:
                      piece.step !== undefined && (piece.step === selected || piece.state === 'current'),
                  },
                ],
          ),
          LETTER,
          width,
        )
      : [],
  );
  const every = $derived(tickMinutes(pixelsPerMinute));
  const ticks = $derived.by(() => {
    if (!ruled) {
      return [];
    }
    // A day's tape has no room for minutes.
    const quarter = pixelsPerMinute >= 40 ? 15_000 : pixelsPerMinute >= 8 ? 60_000 : 600_000;
    const first = Math.ceil(from / quarter) * quarter;

    return Array.from({ length: Math.max(0, Math.floor((to - first) / quarter) + 1) }, (_, index) => {
      const at = first + index * quarter;

      return { at, printed: at % (every * 60_000) === 0, minute: at % 60_000 === 0 };
    });
  });
  const fillOf = (piece: Piece) =>
    piece.kind === 'face' ? (piece.tone ?? '#ccd') : `url(#tape-${piece.kind})`;
  const fits = (piece: Piece) => {
    const room = Math.floor((px(piece.start + piece.length) - px(piece.start) - 10) / LETTER);
    const text = piece.label ?? '';

    return text.length <= room ? text : (text.split(' ')[0] ?? '').length <= room ? text.split(' ')[0] : '';
  };
</script>

<svg
  {width}
  height={total}
  viewBox="0 0 {width} {total}"
  role="img"
  aria-label={label}
  class="block max-w-none"
>
  {#each labels as { text, x, row } (x)}
    <text
      {x}
      y={row === 0 ? headroom - RAISED - 5 : headroom - RAISED - 24}
      font-size="15"
      font-weight="650"
      fill="currentColor"
    >
      {text}
    </text>
    {#if row === 1}
      <path d="M{x - 2} {headroom - RAISED - 22}V{headroom}" stroke="currentColor" stroke-width="1" />
    {/if}
  {/each}

  {#each pieces as piece (piece.id)}
    {@const x = px(piece.start)}
    {@const w = Math.max(1, px(piece.start + piece.length) - x)}
    {#if piece.kind === 'changeover'}
      <path
        d="M{x} {headroom + height / 2}h{w}"
        stroke="currentColor"
        stroke-width="2.5"
        stroke-dasharray="2 4"
        opacity={piece.state === 'done' ? 0.4 : 1}
      />
    {:else}
      {@const raised =
        piece.step !== undefined && (piece.step === selected || piece.state === 'current') ? RAISED : 0}
      <rect
        {x}
        y={headroom - raised}
        width={w}
        height={height + raised}
        fill={fillOf(piece)}
        stroke={piece.kind === 'turnaround' ? 'none' : '#1b2630'}
        stroke-width={raised > 0 && piece.kind !== 'drying' ? 3 : pixelsPerMinute < 8 ? 0.8 : 1.5}
        opacity={piece.state === 'done' ? 0.42 : piece.state === 'skipped' ? 0.14 : 1}
      />
    {/if}
    {#if piece.soft !== undefined}
      <rect
        x={x + w}
        y={base - SOFT_HIGH}
        width={Math.max(2, px(from + piece.soft))}
        height={SOFT_HIGH}
        fill="url(#tape-soft)"
        data-soft
      />
    {/if}
    {#if words === 'inside' && piece.label !== undefined}
      <text x={x + 7} y={headroom + height / 2 + 6} font-size="15" font-weight="650" fill="#1b2630"
        >{fits(piece)}</text
      >
    {/if}
  {/each}

  {#if softEnd !== null && softEnd.length > 0}
    <rect
      x={px(softEnd.from)}
      y={headroom}
      width={px(from + softEnd.length)}
      {height}
      fill="url(#tape-soft)"
      data-soft-end
    />
  {/if}
  {#each tears as { at, text } (at)}
    <g data-tear>
      <title>{text}</title>
      <path
        d="M{px(at)} {headroom - 7}V{base + 3}"
        stroke="#fffdf7"
        stroke-width="6"
        stroke-linecap="round"
        stroke-dasharray="0.1 8"
      />
      <path d="M{px(at) - 6} {headroom - 9}h12l-6 8z" fill="#0b6a57" />
    </g>
  {/each}

  {#if ruled}
    <rect
      x="0"
      y={base}
      width={width - 1}
      height={ruler}
      fill="#f5c53b"
      stroke="#1b2630"
      stroke-width="1.5"
    />
  {/if}
  {#each ticks as { at, printed, minute } (at)}
    <path
      d="M{px(at)} {base}v{printed ? 16 : minute ? 11 : 6}"
      stroke="#1b2630"
      stroke-width={minute ? 2 : 1}
      opacity={minute ? 1 : 0.7}
    />
    {#if printed && px(at) < width - 18}
      <text
        x={px(at) + 4}
        y={base + ruler - 8}
        font-size="15"
        font-weight="750"
        fill="#1b2630"
        class="minutes"
      >
        {number(at)}
      </text>
    {/if}
  {/each}

  {#if mark !== null}
    {@const x = px(mark.at)}
    <path d="M{x} {headroom - 6}V{total - 20}" stroke="#1b2630" stroke-width="2" stroke-dasharray="6 4" />
    <text
      x={x > width - 170 ? x - 6 : x + 6}
      y={total - 5}
      font-size="15"
      font-weight="650"
      fill="currentColor"
      text-anchor={x > width - 170 ? 'end' : 'start'}>{mark.text}</text
    >
  {/if}
  {#if hook !== null}
    {@const x = Math.min(Math.max(px(hook), 2), width - 3)}
    <path
      d="M{x - 11} {headroom - 9}h22M{x} {headroom - 9}V{base + ruler + 3}M{x - 11} {base + ruler + 3}h22"
      stroke="#b23f14"
      stroke-width="4.5"
      fill="none"
      data-hook={minutes(hook - from)}
    />
  {/if}
</svg>
