<script setup lang="ts">
import qrcode from 'qrcode-generator'
import { computed } from 'vue'

/** An address as a code to scan (ISO/IEC 18004), dark on light by day and by night, with the quiet zone it needs. */
const props = defineProps<{ text: string }>()
const QUIET = 4

const drawn = computed(() => {
  const code = qrcode(0, 'M')
  code.addData(props.text)
  code.make()
  const size = code.getModuleCount()
  let path = ''
  for (let row = 0; row < size; row++)
    for (let column = 0; column < size; column++)
      if (code.isDark(row, column)) path += `M${column + QUIET} ${row + QUIET}h1v1h-1z`
  return { path, size: size + 2 * QUIET }
})
</script>

<template>
  <svg
    class="code"
    :viewBox="`0 0 ${drawn.size} ${drawn.size}`"
    role="img"
    :aria-label="`Code to scan: ${text}`"
    shape-rendering="crispEdges"
  >
    <rect width="100%" height="100%" fill="#ffffff" />
    <path :d="drawn.path" fill="#14233b" />
  </svg>
</template>

<style scoped>
.code {
  width: min(100%, 260px);
  height: auto;
  border-radius: 14px;
  border: 1px solid var(--hair);
}
</style>
