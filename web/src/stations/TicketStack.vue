<script setup lang="ts">
import type { Option, StackData, TicketForm } from '@/api/client'
import StackDrawing from '@/stack/StackDrawing.vue'
import type { StackNow } from '@/stack/stackNow'
import { capital } from '@/quantity/format'
import TemperatureValue from '@/quantity/TemperatureValue.vue'
import TimeValue from '@/quantity/TimeValue.vue'
import TermWord from '@/terms/TermWord.vue'
import PressureMark from '@/speech/PressureMark.vue'
import PeelMark from '@/speech/PeelMark.vue'

defineProps<{
  form: TicketForm | null
  option: Option | null
  /** The Stack as it is tried; that of the option where nothing is. */
  tried: StackData | null
  /** The moment of the heat story that is looked at. */
  now?: StackNow | null
  withoutHeat: boolean
  loading: boolean
  /** Where the heat story stands below it, the Stack makes room. */
  small?: boolean
  /** What can be had instead: the thing itself. */
  thing?: string | null
}>()
defineEmits<{ thing: [] }>()
</script>

<template>
  <div>
    <div class="head">
      <h2>
        <TermWord of="stack">{{ $t('ticket.stack') }}</TermWord>
      </h2>
      <span v-if="now && option" class="muted">{{
        $t('ticket.stackAt', { medium: capital(option.name), time: Math.round(now.time), doing: now.doing })
      }}</span>
      <span v-else-if="option" class="muted">{{
        $t('ticket.stackOf', { medium: capital(option.name) })
      }}</span>
      <a-button v-if="thing" size="small" @click="$emit('thing')"> {{ thing }} <kbd>S</kbd> </a-button>
    </div>
    <template v-if="option && form">
      <StackDrawing
        :stack="tried ?? option.stack"
        :depth="form.garment.depth"
        :hue="form.garment.hue"
        :height="small ? 280 : 430"
        :now="now"
      />
      <p v-if="!small" class="settings">
        <TemperatureValue :celsius="option.recipe.setting.dial.value" />
        <TimeValue :seconds="option.recipe.setting.time.value" />
        <PressureMark :pressure="option.recipe.setting.pressure.value" />
        <PeelMark :peel="option.recipe.peel.when.value" />
      </p>
    </template>
    <a-skeleton v-else-if="loading" active :paragraph="{ rows: 8 }" />
    <p v-else-if="withoutHeat" class="muted">{{ $t('ticket.noHeat') }}</p>
    <p v-else class="muted">{{ $t('ticket.stackEmpty') }}</p>
    <slot />
  </div>
</template>

<style scoped>
.head {
  display: flex;
  align-items: baseline;
  justify-content: space-between;
  margin-bottom: 10px;
}

kbd {
  margin-left: 6px;
}

.settings {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 6px 20px;
  padding-top: 12px;
  font-size: var(--type-lead);
}

.settings .figure {
  font-size: var(--type-headline);
}
</style>
