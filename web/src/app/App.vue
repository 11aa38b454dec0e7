<script setup lang="ts">
import BrothPatterns from '@/table/BrothPatterns.vue'
import { useMode } from './useMode'
import { useUpdate } from './useUpdate'

useMode()
const { waiting, update } = useUpdate()
</script>

<template>
  <v-app>
    <BrothPatterns />
    <router-view />
    <button v-if="waiting && !$route.meta.undisturbed" type="button" class="chip solid newer" @click="update">
      A newer version is here: change to it
    </button>
  </v-app>
</template>

<style scoped>
.newer {
  position: fixed;
  right: 16px;
  bottom: 60px;
  z-index: 10;
  min-height: 44px;
}
</style>
