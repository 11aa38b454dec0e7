<script setup lang="ts">
import BrothPatterns from '@/table/BrothPatterns.vue'
import { useMode } from './useMode'

useMode()
</script>

<template>
  <v-app>
    <BrothPatterns />
    <router-view />
  </v-app>
</template>
