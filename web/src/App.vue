<script setup lang="ts">
import { useMediaQuery } from '@vueuse/core'
import messages from 'ant-design-vue/es/message'
import { computed, defineAsyncComponent, provide } from 'vue'
import { useRoute } from 'vue-router'
import { useRound } from './round/useRound'
import KeysHelp from './shell/KeysHelp.vue'
import HealthBanner from './shell/HealthBanner.vue'
import TopBar from './shell/TopBar.vue'
import { MESSAGE } from './shell/useMessage'
import { useUnitsKey } from './shell/useUnitsKey'
import { useTheme } from './shell/useTheme'
import { day, night, underAFinger } from './theme'

const GuidedRound = defineAsyncComponent(() => import('./round/GuidedRound.vue'))
const route = useRoute()
const { stop } = useRound()
const bare = computed(() => route.meta.bare === true)
/** Another ticket is another view; another station of the same one is not. */
const view = computed(() => `${String(route.name)} ${String(route.params.id ?? '')}`)
useUnitsKey()
const [message, MessageHolder] = messages.useMessage()
provide(MESSAGE, message)
const { theme } = useTheme()
const look = computed(() => (theme.value === 'night' ? night : day))
/** Where a finger points, controls are larger. */
const coarse = useMediaQuery('(pointer: coarse)')
</script>

<template>
  <a-config-provider :theme="coarse ? underAFinger(look) : look">
    <div class="app">
      <MessageHolder />
      <TopBar v-if="!bare" />
      <HealthBanner v-if="!bare" />
      <RouterView v-slot="{ Component }">
        <component :is="Component" :key="view" />
      </RouterView>
      <KeysHelp />
      <GuidedRound v-if="!bare && stop" />
    </div>
  </a-config-provider>
</template>
