<script setup lang="ts">
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import GuidedRound from './round/GuidedRound.vue'
import KeysHelp from './shell/KeysHelp.vue'
import HealthBanner from './shell/HealthBanner.vue'
import TopBar from './shell/TopBar.vue'
import { useUnitsKey } from './shell/useUnitsKey'
import { useTheme } from './shell/useTheme'
import { day, night } from './theme'

const route = useRoute()
const bare = computed(() => route.meta.bare === true)
/** Another ticket is another view; another station of the same one is not. */
const view = computed(() => `${String(route.name)} ${String(route.params.id ?? '')}`)
useUnitsKey()
const { theme } = useTheme()
</script>

<template>
  <a-config-provider :theme="theme === 'night' ? night : day">
    <a-app>
      <TopBar v-if="!bare" />
      <HealthBanner v-if="!bare" />
      <RouterView v-slot="{ Component }">
        <component :is="Component" :key="view" />
      </RouterView>
      <KeysHelp />
      <GuidedRound v-if="!bare" />
    </a-app>
  </a-config-provider>
</template>
