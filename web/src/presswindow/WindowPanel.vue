<script setup lang="ts">
import { computed, ref, toRef, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Margin, Schemas } from '@/api/client'
import MarginBar from './MarginBar.vue'
import QueryState from '@/shell/QueryState.vue'
import { ownOf, useSetting, useWindow, withOwn, type OwnSetting, type Trial } from './useTrial'
import MapLegend from './MapLegend.vue'
import SafeRoom from './SafeRoom.vue'
import WhatIfs from './WhatIfs.vue'
import WindowMap from './WindowMap.vue'
import {
  platenOf,
  QUESTIONS,
  valueAt,
  verdictAt,
  type Point,
  type PressWindow,
  type Question,
} from './pressWindow'

/** The window of one thing on its press: which setting forgives most, and what would be otherwise. */
const props = defineProps<{ trial: Trial; kept?: Margin[]; busy?: boolean }>()
const emit = defineEmits<{
  /** Something is tried that is not kept; null where all is as it is kept. */
  tried: [tried: Tried | null]
  keep: [own: OwnSetting | null]
}>()
export interface Tried {
  window: PressWindow
  point: Point
  /** Computed in full; null while the point is still moved. */
  setting: Schemas['TriedSetting'] | null
}

const { t } = useI18n()
const trial = toRef(props, 'trial')
const { data: window, isPending, error, refetch } = useWindow(trial)
const point = ref<Point | null>(null)
/** Where the point was let go. */
const settled = ref<Point | null>(null)

const planned = computed<Point | null>(() =>
  window.value ? { dial: window.value.now.dial, time: window.value.now.time } : null,
)
watch(
  [planned, () => props.trial.decoration, () => props.trial.medium],
  () => {
    point.value = planned.value && { ...planned.value }
    settled.value = null
  },
  { immediate: true },
)
const same = (a: Point | null, b: Point | null) => a?.dial === b?.dial && a?.time === b?.time
const moved = computed(() => !same(point.value, planned.value))
const own = computed(() => ownOf(props.trial))
const isSettled = computed(() =>
  Object.entries(own.value).some(([key, value]) => key !== 'medium' && value !== null),
)
const pointed = computed(() => point.value && { ...own.value, ...point.value })
const asked = computed(() => {
  if (settled.value && moved.value) return withOwn(props.trial, { ...own.value, ...settled.value })
  return props.kept || !window.value ? null : withOwn(props.trial, own.value)
})
const { data: setting } = useSetting(asked)
/** What if is asked of the setting that is looked at, once it is let go. */
const looked = computed(() => (moved.value && asked.value) || props.trial)
watch([point, window, setting, settled], () => {
  if (!window.value?.map || !point.value || !moved.value) emit('tried', null)
  else
    emit('tried', {
      window: window.value,
      point: point.value,
      setting: same(settled.value, point.value) ? (setting.value ?? null) : null,
    })
})

function go(to: Point) {
  point.value = { ...to }
  settled.value = { ...to }
}

const fails = (question: Question) => t(`window.${question.toLowerCase()}Fails`)
/** What the bars say while the point is moved, before the sentences are there. */
const margins = computed(() => {
  if (!window.value?.map || !point.value) return []
  if (!moved.value && props.kept) return props.kept
  if (setting.value && (moved.value ? same(settled.value, point.value) : true)) {
    const { hold, mark, bleed } = setting.value.margins
    return [hold, mark, bleed]
  }
  return (['HOLD', 'MARK', 'BLEED'] as Question[]).map((question) => ({
    question,
    verdict: verdictAt(window.value!, question, point.value!),
    figure: figure(question),
    reason: '',
    lift: null,
    computed: true,
    pointer: null,
  }))
})
function figure(question: Question): string {
  const { map } = window.value!
  const platen = platenOf(window.value!, point.value!)
  if (question === 'HOLD') {
    const times = valueAt(map!, map!.bond, platen, point.value!.time)
    return t('window.times', { n: times.toFixed(1) })
  }
  return ''
}
/** What fails even at the best setting; nothing where the window is not empty. */
const failing = computed(() =>
  window.value?.map
    ? QUESTIONS.filter((question) => verdictAt(window.value!, question, window.value!.best) === 'NO')
    : [],
)
const empty = computed(() => failing.value.length > 0)
const forgives = computed(() => window.value?.best ?? null)
const isBest = computed(
  () => forgives.value?.dial === point.value?.dial && forgives.value?.time === point.value?.time,
)
</script>

<template>
  <section class="panel" :aria-label="$t('window.title')">
    <QueryState :loading="isPending" :error="error" @retry="refetch">
      <p v-if="window && !window.map" class="muted">{{ $t('window.none') }}</p>
      <template v-else-if="window && point">
        <SafeRoom :window="window" :point="point" />
        <div v-if="empty" class="empty" role="status">
          <b>{{ $t('window.empty', { fails: failing.map((question) => fails(question)).join(', ') }) }}</b>
          <slot name="empty" />
          <ul v-if="window.reliefs.length">
            <li v-for="relief in window.reliefs" :key="relief.say">
              {{ relief.say }}
              <a-button v-if="relief.own" size="small" :disabled="busy" @click="emit('keep', relief.own)">
                {{ $t('window.takeSo') }}
              </a-button>
            </li>
          </ul>
        </div>
        <WindowMap v-model="point" :window="window" @settled="settled = { ...point! }" />
        <MapLegend :window="window" :point="point" />
        <p class="muted drag">{{ $t('window.drag') }}</p>
        <div class="below">
          <div class="margins">
            <MarginBar
              v-for="margin in margins"
              :key="margin.question"
              :margin="margin"
              :reason="margin.reason !== ''"
            />
          </div>
          <p v-if="margins.some(({ computed }) => computed)" class="muted drag">
            {{ $t('margin.computed') }}
          </p>
          <p class="acts">
            <a-button v-if="moved" type="primary" :loading="busy" @click="emit('keep', pointed)">
              {{ $t('window.keep') }}
            </a-button>
            <a-button v-if="moved" @click="go(planned!)">{{ $t('window.back') }}</a-button>
            <a-button v-if="!isBest && !empty" @click="go(forgives!)">
              {{ $t('window.toBest') }}
            </a-button>
            <a-button v-if="isSettled && !moved" :loading="busy" @click="emit('keep', null)">
              {{ $t('window.leave') }}
            </a-button>
          </p>
        </div>
        <WhatIfs :trial="looked" :strays="window.strays" :busy="busy" @keep="emit('keep', $event)" />
      </template>
    </QueryState>
  </section>
</template>

<style scoped>
.empty {
  margin-bottom: 10px;
  padding: 10px 14px;
  border-radius: 8px;
  background: var(--no-ground);
}

.empty li {
  padding: 3px 0;
}

.below {
  padding: 10px 0;
}

.margins {
  display: grid;
  gap: 2px;
}

.drag {
  padding-top: 2px;
  font-size: var(--type-note);
}

.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  padding-top: 8px;
}
</style>
