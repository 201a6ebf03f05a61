<script setup lang="ts">
import { computed } from 'vue'
import type { GarmentForm } from '@/api/client'
import { useCloths } from './useCloths'

defineProps<{ hint: string }>()
const emit = defineEmits<{ choose: [garment: GarmentForm] }>()
const { data } = useCloths()
const cloths = computed(() =>
  (data.value?.items ?? []).map((cloth) => ({ value: cloth.id, label: cloth.name })),
)

function choose(id: unknown) {
  const known = data.value?.items.find((cloth) => cloth.id === id)
  if (known) emit('choose', known.garment)
}
</script>

<template>
  <a-select
    v-if="cloths.length"
    class="known"
    :options="cloths"
    :value="undefined"
    show-search
    option-filter-prop="label"
    :placeholder="hint"
    :aria-label="hint"
    @change="choose"
  />
</template>

<style scoped>
.known {
  width: 250px;
}
</style>
