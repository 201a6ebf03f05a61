<script setup lang="ts">
import { computed } from 'vue'
import type { Plan, TicketForm } from '@/api/client'
import { useVocabulary } from '@/speech/vocabulary'
import { lying } from './obstacles'
import GarmentDrawing from './GarmentDrawing.vue'
import PlatenAdvice from './PlatenAdvice.vue'
import { artThing, obstacleThing } from './things'
import { usePattern } from './usePattern'

/** Where a planned thing lies and where the platen comes down, to look at beside the press. */
const props = defineProps<{
  ticket: Pick<TicketForm, 'garment' | 'decorations'>
  plan: Plan
  decoration: string
  /** With the side of the page for itself. */
  large?: boolean
}>()
const { title } = useVocabulary()
const { data: pattern } = usePattern(() => props.ticket.garment)
const placed = computed(
  () => props.plan.together.placed.find((one) => one.decoration === props.decoration) ?? null,
)
const face = computed(() => placed.value?.placing.face ?? 'FRONT')
const things = computed(() => {
  const { garment, decorations } = props.ticket
  const inTheWay = lying(garment, pattern.value?.obstacles ?? [])
    .filter((one) => one.face === face.value)
    .map((one) =>
      obstacleThing(one, title('obstacle', one.what), pattern.value?.hard.includes(one.what) ?? false),
    )
  const art = props.plan.together.placed
    .filter(({ placing }) => placing.face === face.value)
    .flatMap(({ decoration, placing }) => {
      const form = decorations.find(({ id }) => id === decoration)
      return form ? [artThing(form, form.description, placing.art)] : []
    })
  return [...inTheWay, ...art]
})
</script>

<template>
  <div v-if="pattern && placed" class="placed" :class="{ large }">
    <GarmentDrawing
      :outline="face === 'FRONT' ? pattern.pattern.front : pattern.pattern.back"
      :depth="ticket.garment.depth"
      :hue="ticket.garment.hue"
      :things="things"
      :chosen="decoration"
      :platens="placed.placing.positions"
      :insert="placed.placing.insert"
      :title="$t('place.drawing', { face: title('garmentface', face) })"
      fixed
    />
    <PlatenAdvice :placed="placed" :plan="plan" />
  </div>
</template>

<style scoped>
.placed {
  display: grid;
  align-items: start;
  gap: 20px;
  grid-template-columns: minmax(0, 3fr) minmax(0, 2fr);
}

.placed :deep(svg) {
  max-height: 300px;
}
.large {
  grid-template-columns: minmax(0, 1fr);
}

.large :deep(svg) {
  max-height: 520px;
}
</style>
