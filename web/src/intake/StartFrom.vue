<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { answer, api, type GarmentForm } from '@/api/client'
import { useCloths } from '@/cloth/useCloths'
import { capital } from '@/quantity/format'

/** A garment to begin with: a cloth that is known, that of the last ticket, one of the trade. */
const emit = defineEmits<{ choose: [garment: GarmentForm] }>()
const { data: cloths } = useCloths()
const { data: last } = useQuery({
  queryKey: ['tickets', 'last'],
  queryFn: () => answer(api.GET('/api/tickets/last', {})),
})
const { data: templates } = useQuery({
  queryKey: ['templates'],
  queryFn: () => answer(api.GET('/api/intake/templates')),
  staleTime: Infinity,
})
const known = computed(() =>
  (cloths.value?.items ?? []).map(({ id, name, garment }) => ({ value: id, label: name, garment })),
)
const trade = computed(() =>
  (templates.value ?? []).map(({ key, name, garment }) => ({ value: key, label: capital(name), garment })),
)

function choose(from: { value: string; garment: GarmentForm }[], value: unknown) {
  const one = from.find((choice) => choice.value === value)
  if (one) emit('choose', one.garment)
}
</script>

<template>
  <div class="start">
    <span class="muted">{{ $t('intake.from') }}</span>
    <a-select
      v-if="known.length"
      :value="undefined"
      :options="known"
      show-search
      option-filter-prop="label"
      :placeholder="$t('intake.cloth')"
      :aria-label="$t('intake.cloth')"
      @change="(value: unknown) => choose(known, value)"
    />
    <a-select
      :value="undefined"
      :options="trade"
      show-search
      option-filter-prop="label"
      :placeholder="$t('intake.template')"
      :aria-label="$t('intake.template')"
      @change="(value: unknown) => choose(trade, value)"
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
