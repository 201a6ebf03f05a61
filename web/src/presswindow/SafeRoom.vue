<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { capital, kelvinIn } from '@/quantity/format'
import { useUnits } from '@/quantity/units'
import { QUESTIONS, roomAt, verdictAt, type Point, type PressWindow, type Room } from './pressWindow'

/** How far a setting may be off and is still safe, and what goes wrong beyond, in two sentences. */
const props = defineProps<{ window: PressWindow; point: Point }>()
const { t } = useI18n()
const { temperature } = useUnits()
const room = computed(() => roomAt(props.window, props.point))

/** Where nothing goes wrong on the map, it is safe for at least so much. */
const off = (way: 'Cooler' | 'Hotter', { upTo, question }: Room) =>
  t(`window.${question ? 'by' : 'atLeast'}${way}`, { by: kelvinIn(upTo, temperature.value) })
const safe = computed(() => {
  if (!room.value) return ''
  const { cooler, hotter, shorter, longer } = room.value
  return t('window.room', {
    cooler: off('Cooler', cooler),
    hotter: off('Hotter', hotter),
    short: props.point.time - shorter.upTo,
    long: t(longer.question ? 'window.upTo' : 'window.andMore', { n: props.point.time + longer.upTo }),
  })
})
/** Ways of being off that end in the same are told together. */
const beyond = computed(() => {
  if (!room.value) return ''
  const ways = Object.entries(room.value)
  return QUESTIONS.flatMap((question) => {
    const those = ways.filter(([, { question: first }]) => first === question)
    if (!those.length) return []
    const way = those.map(([name]) => t(`window.way.${name}`)).join(` ${t('window.or')} `)
    return [t('window.beyond', { way, may: t(`window.may.${question}`) })]
  }).join('; ')
})
const tight = computed(() =>
  QUESTIONS.map((question) => ({ question, verdict: verdictAt(props.window, question, props.point) }))
    .filter(({ verdict }) => verdict !== 'SAFE')
    .map(({ question, verdict }) => t(`window.${verdict === 'NO' ? 'does' : 'may'}.${question}`))
    .join(', '),
)
</script>

<template>
  <p class="room" role="status">
    <template v-if="safe">
      <b class="safe">{{ safe }}</b>
      <span v-if="beyond" class="beyond">{{ $t('window.beyondAll', { beyond: capital(beyond) }) }}</span>
    </template>
    <b v-else class="tight">{{ $t('window.notSafe', { what: tight }) }}</b>
  </p>
</template>

<style scoped>
.room {
  padding: 8px 0 10px;
  font-size: var(--type-lead);
}

.beyond {
  margin-left: 0.35em;
}

.safe {
  color: var(--safe);
}

.tight {
  color: var(--tight);
}
</style>
