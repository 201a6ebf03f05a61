<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { answer, api, type GarmentForm } from '@/api/client'
import KnownCloths from '@/cloth/KnownCloths.vue'
import { capital } from '@/quantity/format'

/** A garment to begin with: a cloth that is known, that of the last ticket, one of the trade. */
const emit = defineEmits<{ choose: [garment: GarmentForm] }>()
const { data: last } = useQuery({
  queryKey: ['tickets', 'last'],
  queryFn: () => answer(api.GET('/api/tickets/last', {})),
})
const { data: templates } = useQuery({
  queryKey: ['templates'],
  queryFn: () => answer(api.GET('/api/intake/templates')),
  staleTime: Infinity,
})
const trade = computed(() =>
  (templates.value ?? []).map(({ key, name, garment }) => ({ value: key, label: capital(name), garment })),
)

function choose(value: unknown) {
  const one = trade.value.find((choice) => choice.value === value)
  if (one) emit('choose', one.garment)
}
</script>

<template>
  <div class="start">
    <span class="muted">{{ $t('intake.from') }}</span>
    <KnownCloths :hint="$t('intake.cloth')" @choose="$emit('choose', $event)" />
    <a-select
      :value="undefined"
      :options="trade"
      show-search
      option-filter-prop="label"
      :placeholder="$t('intake.template')"
      :aria-label="$t('intake.template')"
      @change="choose"
    />
    <a-button v-if="last?.ticket" @click="$emit('choose', last.ticket.garment)">{{
      $t('intake.last', { name: last.ticket.name })
    }}</a-button>
  </div>
</template>

<style scoped>
.start {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
}

.start :deep(.ant-select) {
  min-width: 170px;
}
</style>
