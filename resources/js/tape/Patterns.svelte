<script lang="ts"></script>

<!-- One set of patterns for every tape on the page. Media differ by pattern as well as by colour. -->
<svg width="0" height="0" class="absolute" aria-hidden="true">
  <defs>
    <pattern id="tape-sponge" width="9" height="9" patternUnits="userSpaceOnUse">
      <rect width="9" height="9" fill="#1f7f72" />
      <circle cx="2.2" cy="2.2" r="1.5" fill="#a9d8cf" />
      <circle cx="6.8" cy="6.6" r="1.1" fill="#a9d8cf" />
      <circle cx="6.9" cy="1.6" r=".7" fill="#a9d8cf" />
    </pattern>
    <pattern id="tape-brush" width="8" height="8" patternUnits="userSpaceOnUse" patternTransform="rotate(38)">
      <rect width="8" height="8" fill="#2c4a8e" />
      <rect width="2" height="8" fill="#9fb4e4" />
    </pattern>
    <pattern id="tape-stencil" width="10" height="10" patternUnits="userSpaceOnUse">
      <rect width="10" height="10" fill="#6d6320" />
      <path d="M5 0 10 5 5 10 0 5Z" fill="none" stroke="#ece29d" stroke-width="1.6" />
    </pattern>
    <pattern id="tape-powder" width="12" height="12" patternUnits="userSpaceOnUse">
      <rect width="12" height="12" fill="#c9b7d6" />
      <path d="M2 3h1.4M8 2h1.4M5 7h1.4M10 9h1.4M1 10h1.4" stroke="#513b66" stroke-width="1.4" />
    </pattern>
    <pattern id="tape-glitter" width="18" height="18" patternUnits="userSpaceOnUse">
      <rect width="18" height="18" fill="#b0306f" />
      <path d="M5 1 6 4.200 9 5 6 5.800 5 9 4 5.800 1 5 4 4.200Z" fill="#ffe9f4" />
      <path
        d="M13 9.500 13.800 12 16.500 13 13.800 14 13 16.500 12.200 14 9.500 13 12.200 12Z"
        fill="#ffc4e1"
      />
    </pattern>
    <pattern id="tape-gem" width="14" height="14" patternUnits="userSpaceOnUse">
      <rect width="14" height="14" fill="#5b3a86" />
      <path d="M7 2 12 7 7 12 2 7Z" fill="#8f6cc0" stroke="#eadcff" stroke-width="1" />
      <path d="M2 7h10M7 2v10" stroke="#eadcff" stroke-width=".7" />
    </pattern>
    <pattern id="tape-bare" width="10" height="10" patternUnits="userSpaceOnUse">
      <rect width="10" height="10" fill="#f3ead8" />
      <path d="M2 8 8 2" stroke="#8a6f55" stroke-width="1.6" stroke-linecap="round" />
    </pattern>
    <pattern id="tape-drying" width="16" height="9" patternUnits="userSpaceOnUse">
      <rect width="16" height="9" fill="#e9dec8" />
      <path d="M0 4.500q4-4 8 0t8 0" fill="none" stroke="#8a7a5c" stroke-width="1.400" />
    </pattern>
    <linearGradient id="tape-soft">
      <stop offset="0" stop-color="#1b2630" stop-opacity=".7" />
      <stop offset="1" stop-color="#1b2630" stop-opacity=".06" />
    </linearGradient>
    <pattern id="tape-turnaround" width="16" height="9" patternUnits="userSpaceOnUse">
      <path d="M0 4.500q4-3 8 0t8 0" fill="none" stroke="#a3977e" stroke-width="1.400" />
    </pattern>
  </defs>
</svg>
