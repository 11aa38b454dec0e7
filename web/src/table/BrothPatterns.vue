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
      <pattern id="broth-cloud" width="18" height="12" patternUnits="userSpaceOnUse">
        <rect width="18" height="12" fill="var(--cloud)" />
        <path d="M2 9a3 3 0 0 1 5-2 3.4 3.4 0 0 1 6 2z" fill="#d9d2c2" />
      </pattern>
      <pattern id="broth-cream" width="14" height="14" patternUnits="userSpaceOnUse">
        <rect width="14" height="14" fill="var(--cream)" />
        <circle cx="7" cy="7" r="3.2" fill="none" stroke="#f6e3c9" stroke-width="1.5" />
      </pattern>
      <pattern id="broth-lime" width="14" height="12" patternUnits="userSpaceOnUse">
        <rect width="14" height="12" fill="var(--lime)" />
        <path d="M2 9q5-8 10-6-1 6-10 6z" fill="#c3d494" />
      </pattern>
      <pattern id="broth-amber" width="14" height="14" patternUnits="userSpaceOnUse">
        <rect width="14" height="14" fill="var(--amber)" />
        <path d="M7 2v10M2.7 4.5l8.6 5M2.7 9.5l8.6-5" stroke="#e0b08f" stroke-width="1.3" />
      </pattern>
      <pattern id="broth-forest" width="14" height="16" patternUnits="userSpaceOnUse">
        <rect width="14" height="16" fill="var(--forest)" />
        <path d="M2 8a5 4.5 0 0 1 10 0zM6 8h2v5H6z" fill="#b5bda6" />
      </pattern>
      <pattern id="broth-coconut" width="12" height="12" patternUnits="userSpaceOnUse">
        <rect width="12" height="12" fill="var(--coconut)" />
        <path d="M0 3h12M0 9h12" stroke="#f7d8bd" stroke-width="1.4" stroke-dasharray="5 3" />
      </pattern>
      <pattern id="broth-own" width="12" height="12" patternUnits="userSpaceOnUse">
        <rect width="12" height="12" fill="var(--own)" />
        <rect x="3.5" y="3.5" width="5" height="5" fill="none" stroke="#cdd3ee" stroke-width="1.4" />
      </pattern>
    </defs>
  </svg>
</template>
