<script setup lang="ts">
/** The broths' patterns, once for all drawings: colour is never the only difference. */
</script>

<template>
  <svg width="0" height="0" aria-hidden="true" style="position: absolute">
    <defs>
      <pattern id="broth-tomato" width="14" height="14" patternUnits="userSpaceOnUse">
        <rect width="14" height="14" fill="var(--tomato)" />
        <circle cx="4" cy="4" r="1.7" fill="#f2a58f" />
        <circle cx="11" cy="10" r="1.2" fill="#f2a58f" />
      </pattern>
      <pattern
        id="broth-ginger"
        width="12"
        height="12"
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(45)"
      >
        <rect width="12" height="12" fill="var(--ginger)" />
        <path d="M0 6h6" stroke="#fbe9b6" stroke-width="1.8" />
      </pattern>
      <pattern id="broth-kelp" width="10" height="18" patternUnits="userSpaceOnUse">
        <rect width="10" height="18" fill="var(--kelp)" />
        <path d="M5 0q4 4.5 0 9t0 9" fill="none" stroke="#9fd0d3" stroke-width="1.5" />
      </pattern>
      <pattern id="broth-chilli" width="14" height="14" patternUnits="userSpaceOnUse">
        <rect width="14" height="14" fill="var(--chilli)" />
        <path d="M3 10l4-5 4 5" fill="none" stroke="#e3b6d5" stroke-width="1.5" />
      </pattern>
      <pattern id="broth-root" width="16" height="12" patternUnits="userSpaceOnUse">
        <rect width="16" height="12" fill="var(--root)" />
        <path d="M3 8a4 4 0 0 1 8 0z" fill="#d9c49a" />
      </pattern>
    </defs>
  </svg>
</template>
