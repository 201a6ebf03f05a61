<script setup lang="ts">
import { computed, onBeforeUnmount, ref, toRef, watch } from 'vue'
import QueryState from '@/shell/QueryState.vue'
import TemperatureDifference from '@/quantity/TemperatureDifference.vue'
import TemperatureValue from '@/quantity/TemperatureValue.vue'
import TimeValue from '@/quantity/TimeValue.vue'
import type { Schemas } from '@/api/client'
import {
  bandNames,
  CHART,
  closingOf,
  type Curve,
  later,
  type OtherLine,
  readAt,
  scalesOf,
  type Story,
} from './curves'
import type { StackNow } from '@/stack/stackNow'
import HeatChart from './HeatChart.vue'
import { useHeatStory } from './useHeatStory'

/**
 * The heat story of one thing of a stored plan, through all presses of its ticket: a chart to look at, and a slider to
 * read it by.
 */
const props = defineProps<{
  planId: string
  decoration: string
  /** What the things of the ticket are called, by their ids. */
  names: { [decoration: string]: string }
  /** What is told in its place while something is tried. */
  told?: Schemas['Told'] | null
  /** Makes the story of a point that is still moved. */
  moved?: ((story: Story) => Story) | null
}>()
/** What every layer is at the time that is looked at, so that the Stack can show it. */
const emit = defineEmits<{ now: [now: StackNow | null] }>()
const { data: things, isPending, error, refetch } = useHeatStory(toRef(props, 'planId'))
const planned = computed(() => things.value?.find(({ decoration }) => decoration === props.decoration))
const data = computed(() => props.told ?? planned.value?.told)
const tried = computed(() => Boolean(props.told || props.moved))
const story = computed(() => {
  const told = data.value?.story ?? null
  if (!told) return null
  if (props.moved) return props.moved(told)
  return props.told ? told : later(told, planned.value!.from)
})
/** The glue lines of the rest of the ticket; while something is tried the one thing stands alone. */
const others = computed<OtherLine[]>(() =>
  tried.value
    ? []
    : (things.value ?? []).flatMap(({ decoration, from, told }) =>
        told.story && decoration !== props.decoration
          ? [
              {
                name: props.names[decoration] ?? '',
                seconds: told.story.seconds.map((second) => second + from),
                curves: told.story.glueLine,
              },
            ]
          : [],
      ),
)
const every = ref(false)
const time = ref(0)
/** The clock begins when the press closes; what comes before has a minus. */
const closing = computed(() => (story.value ? closingOf(story.value) : 0))
const clock = (seconds: number) => seconds - closing.value
const end = computed(() => story.value?.seconds.at(-1) ?? 0)

/** It begins where the main press opens: that is what a maker asks first. */
watch(
  story,
  (told) => {
    const pressed = told?.stretches.find(({ main }) => main) ?? told?.stretches.find(({ closed }) => closed)
    time.value = Math.round((pressed?.to ?? 0) * 10) / 10
  },
  { immediate: true },
)

const closed = computed(() => story.value?.stretches.filter((s) => s.closed) ?? [])
/** Where the bands have numbers in the chart, their names stand below it. */
const numbered = computed(() => {
  const told = story.value
  return told && bandNames(closed.value, scalesOf(told).x)[0]?.name !== closed.value[0]?.name
})
const limited = computed(
  () => story.value?.limits.some(({ celsius }) => celsius <= scalesOf(story.value!).y.domain()[1]!) ?? false,
)
/** The slider runs where the chart does; its knob is 16 px wide. */
const underChart = {
  marginLeft: `calc(${(100 * CHART.left) / CHART.width}% - 8px)`,
  width: `calc(${(100 * (CHART.width - CHART.left - CHART.right)) / CHART.width}% + 16px)`,
}

const stretch = computed(() => story.value?.stretches.find((s) => time.value >= s.from && time.value <= s.to))
const doing = computed(() => stretch.value?.name ?? '')

function read(curves: Curve[]): number | null {
  return story.value ? readAt(curves, story.value.seconds, time.value, stretch.value) : null
}

const platen = computed(() => read(story.value?.platen ?? []))
const glueLine = computed(() => read(story.value?.glueLine ?? []))
const faces = computed(() =>
  (story.value?.layers ?? []).flatMap((layer) => {
    const upper = read(layer.upper)
    const lower = read(layer.lower)
    return upper === null || lower === null ? [] : [{ name: layer.name, upper, lower }]
  }),
)
watch(
  [story, time],
  () => {
    const layers = (story.value?.layers ?? []).map((layer) => {
      const upper = read(layer.upper)
      const lower = read(layer.lower)
      return { kind: layer.kind, celsius: upper === null || lower === null ? null : (upper + lower) / 2 }
    })
    emit(
      'now',
      story.value && {
        time: clock(time.value),
        doing: doing.value,
        platen: platen.value,
        glueLine: glueLine.value,
        layers,
      },
    )
  },
  { immediate: true, flush: 'post' },
)
onBeforeUnmount(() => emit('now', null))
const peels = computed(() => {
  const peel = story.value?.peel
  if (!peel) return []
  return [
    { how: 'warm', pad: peel.onPad.warm, table: peel.onTable.warm },
    { how: 'cold', pad: peel.onPad.cold, table: peel.onTable.cold },
  ]
})
</script>

<template>
  <section class="heat" :aria-label="$t('heat.title')">
    <div class="head">
      <h3>{{ $t('heat.title') }}</h3>
      <label v-if="story" class="every">
        <a-switch v-model:checked="every" size="small" :aria-label="$t('heat.every')" />
        {{ $t('heat.every') }}
      </label>
    </div>
    <QueryState :loading="isPending" :error="error" @retry="refetch">
      <p v-if="data?.untold" class="muted">{{ data.untold }}</p>
      <template v-else-if="story">
        <HeatChart :story="story" :others="others" :time="time" :every="every" />
        <p class="key muted" aria-hidden="true">
          <span><i class="line platen" /> {{ $t('heat.platen') }}</span>
          <span><i class="line glue" /> {{ $t('heat.glueLine') }}</span>
          <span><i class="line face" /> {{ $t(every ? 'heat.faces' : 'heat.cloth') }}</span>
          <span v-if="others.length"><i class="line other" /> {{ $t('heat.others') }}</span>
          <span><i class="patch" /> {{ $t('heat.closed') }}</span>
          <span v-if="limited"><i class="line limit" /> {{ $t('heat.limit') }}</span>
          <span v-if="story.events.length"><i class="dot" /> {{ $t('heat.event') }}</span>
        </p>
        <ol v-if="numbered" class="bands">
          <li v-for="(band, n) in closed" :key="n">{{ band.name }}</li>
        </ol>
        <input
          v-model.number="time"
          class="slider"
          type="range"
          :style="underChart"
          :min="0"
          :max="end"
          step="0.5"
          :aria-label="$t('heat.time')"
          :aria-valuetext="$t('heat.at', { time: Math.round(clock(time)), doing })"
        />
        <p class="now">
          <TimeValue :seconds="clock(time)" /> {{ doing }}
          <span v-if="platen !== null">{{ $t('heat.platen') }} <TemperatureValue :celsius="platen" /></span>
          <span v-if="glueLine !== null">
            {{ $t('heat.glueLine') }} <TemperatureValue :celsius="glueLine" /> {{ $t('heat.giveOrTake') }}
            <TemperatureDifference :kelvin="story.giveOrTake" />
          </span>
        </p>
        <table v-if="every" class="rows faces">
          <thead>
            <tr>
              <th>{{ $t('heat.layer') }}</th>
              <th>{{ $t('heat.upper') }}</th>
              <th>{{ $t('heat.lower') }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="face in faces" :key="face.name">
              <td>{{ face.name }}</td>
              <td><TemperatureValue :celsius="face.upper" /></td>
              <td><TemperatureValue :celsius="face.lower" /></td>
            </tr>
          </tbody>
        </table>
        <ul class="events">
          <li v-for="event in story.events" :key="`${event.what}${event.at}`">
            <button type="button" @click="time = event.at"><TimeValue :seconds="clock(event.at)" /></button>
            {{ event.what }}, <TemperatureValue :celsius="event.celsius" />
          </li>
        </ul>
        <table v-if="peels.length" class="peel">
          <thead>
            <tr>
              <th scope="col">{{ $t('heat.peel') }}</th>
              <th scope="col">{{ $t('heat.onPad') }}</th>
              <th scope="col">{{ $t('heat.onTable') }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="row in peels" :key="row.how">
              <th scope="row">{{ $t(`heat.${row.how}`) }}</th>
              <td v-for="(wait, n) in [row.pad, row.table]" :key="n">
                <TimeValue v-if="wait !== null" :seconds="wait" />
                <span v-else>{{ $t('heat.never') }}</span>
              </td>
            </tr>
          </tbody>
        </table>
        <ul class="doses muted">
          <li v-for="dose in story.doses" :key="dose">{{ dose }}</li>
        </ul>
        <RouterLink :to="{ name: 'how-sure' }">{{ $t('heat.howSure') }}</RouterLink>
      </template>
    </QueryState>
  </section>
</template>

<style scoped>
.head {
  display: flex;
  align-items: baseline;
  justify-content: space-between;
  padding: 10px 0 4px;
}

.every {
  color: var(--muted);
  font-size: var(--type-note);
}

.key {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 2px 14px;
  padding-top: 2px;
  font-size: var(--type-fine);
}

.key span {
  display: inline-flex;
  align-items: center;
  gap: 6px;
  white-space: nowrap;
}

.line {
  width: 20px;
  border-top: 3px solid var(--copper);
}

.line.platen {
  border-top: 2px dotted var(--ink);
}

.line.other {
  border-top: 1.5px dashed var(--copper);
}

.line.limit {
  border-top: 1.5px dashed var(--no);
}

.patch {
  width: 16px;
  height: 12px;
  background: var(--press-ground);
}

.dot {
  box-sizing: border-box;
  width: 10px;
  height: 10px;
  border: 2.5px solid var(--copper);
  border-radius: 50%;
}

.bands {
  columns: 2;
  font-size: var(--type-fine);
}

.line.face {
  border-top: 1.5px solid var(--slate);
}

.slider {
  box-sizing: border-box;
  margin: 6px 0 0;
  accent-color: var(--copper);
}

.now {
  display: flex;
  align-items: baseline;
  flex-wrap: wrap;
  gap: 2px 14px;
  font-size: var(--type-body);
}

.now .figure {
  font-size: var(--type-lead);
}

.faces td,
.faces th {
  padding: 3px 8px;
  font-size: var(--type-note);
}

.events {
  padding: 6px 0;
  font-size: var(--type-note);
  list-style: none;
}

.events button {
  min-width: 52px;
  padding: 1px 6px;
  border: 1px solid var(--line);
  border-radius: 5px;
  background: none;
  font: inherit;
  cursor: pointer;
}

.peel {
  border-collapse: collapse;
  font-size: var(--type-note);
}

.peel th {
  padding: 2px 18px 2px 0;
  color: var(--muted);
  font-weight: 500;
  text-align: left;
}

.peel td {
  padding: 2px 18px 2px 0;
}

.doses {
  padding: 8px 0 6px;
  font-size: var(--type-fine);
  list-style: none;
}
</style>
