<script setup lang="ts">
import { useMediaQuery } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Plan, TicketForm } from '@/api/client'
import ChoiceField from '@/form/ChoiceField.vue'
import LengthField from '@/form/LengthField.vue'
import { lengthIn } from '@/quantity/format'
import { useUnits } from '@/quantity/units'
import { useVocabulary } from '@/speech/vocabulary'
import BesideIt from '@/shell/BesideIt.vue'
import { middle, type Area, type Face, type Thing } from './area'
import GarmentDrawing from './GarmentDrawing.vue'
import { another, asUsual, lying, place, takeAway } from './obstacles'
import PlatenAdvice from './PlatenAdvice.vue'
import { artLies, artThing, obstacleThing } from './things'
import { useMovedArt } from './useMovedArt'
import { usePattern } from './usePattern'

/** The garment as it lies flat: where everything goes, and what the platen would come down on. */
const form = defineModel<TicketForm>({ required: true })
const props = defineProps<{ plan: Plan | null }>()
/** Where it is narrow, the drawing comes first and the numbers are folded. */
const roomy = useMediaQuery('(min-width: 900px)')
const { t } = useI18n()
const { options, title } = useVocabulary()
const { length } = useUnits()

const { data: pattern } = usePattern(() => form.value.garment)
const face = ref<Face>('FRONT')
const chosen = ref<string | null>(null)

const obstacles = computed(() => lying(form.value.garment, pattern.value?.obstacles ?? []))

const things = computed<Thing[]>(() => [
  ...obstacles.value
    .filter((one) => one.face === face.value)
    .map((one) =>
      obstacleThing(one, title('obstacle', one.what), pattern.value?.hard.includes(one.what) ?? false),
    ),
  ...form.value.decorations.flatMap((decoration) => {
    const lies = artLies(decoration, props.plan)
    const name = decoration.description || t('garment.art')
    return lies?.face === face.value ? [artThing(decoration, name, lies.area)] : []
  }),
])

const art = computed(() => form.value.decorations.find(({ id }) => id === chosen.value) ?? null)
const obstacle = computed(() => obstacles.value.find(({ key }) => key === chosen.value) ?? null)
const choices = computed(() => [
  ...form.value.decorations.map(({ id, description }) => ({
    value: id,
    label: description || t('garment.art'),
  })),
  ...obstacles.value.map((one) => ({
    value: one.key,
    label: `${title('obstacle', one.what)}, ${title('garmentface', one.face)}`,
  })),
])
/** The first thing is taken hold of at once; what goes away lets go. */
watch(
  choices,
  (now) => {
    if (!now.some(({ value }) => value === chosen.value)) chosen.value = now[0]?.value ?? null
  },
  { immediate: true },
)
const at = computed(
  () => props.plan?.together.placed.find(({ decoration }) => decoration === art.value?.id) ?? null,
)
const area = computed<Area | null>(() =>
  art.value ? (artLies(art.value, props.plan)?.area ?? null) : obstacle.value ? { ...obstacle.value } : null,
)
/** The drawing turns to the face of what is chosen. */
watch(
  () => obstacle.value?.face ?? (art.value ? artLies(art.value, props.plan)?.face : undefined),
  (now) => {
    if (now) face.value = now
  },
)

function choose(key: string | null) {
  chosen.value = key
}

function move(key: string, to: Area) {
  const one = form.value.decorations.find(({ id }) => id === key)
  const round = (mm: number) => Math.round(mm * 100) / 100
  if (one) one.spot = { face: face.value, fromCentre: round(middle(to)), belowCollar: round(to.y) }
  else place(form.value.garment, obstacles.value, key, { ...to, x: round(to.x), y: round(to.y) })
}

const change = (to: Partial<Area>) => {
  if (chosen.value && area.value) move(chosen.value, { ...area.value, ...to })
}
const across = computed({
  get: () => (area.value ? Math.round(middle(area.value) * 100) / 100 : null),
  set: (mm) => area.value && mm !== null && change({ x: mm - area.value.width / 2 }),
})
const below = computed({
  get: () => (area.value ? Math.round(area.value.y * 100) / 100 : null),
  set: (mm) => mm !== null && change({ y: mm }),
})
const wide = computed({
  get: () => area.value?.width ?? null,
  set: (mm) => area.value && mm !== null && change({ x: middle(area.value) - mm / 2, width: mm }),
})
const high = computed({
  get: () => area.value?.height ?? null,
  set: (mm) => mm !== null && change({ height: mm }),
})
const side = computed({
  get: () => face.value,
  set: (to) => {
    const one = obstacle.value
    face.value = to
    if (one) place(form.value.garment, obstacles.value, one.key, { ...one, face: to })
    else if (area.value && chosen.value) move(chosen.value, area.value)
  },
})

const { moved, putBack, leave } = useMovedArt(form, () => props.plan)
/** How far it went and which way, in words; nothing of what does not show. */
const way = computed(() => {
  if (!moved.value) return ''
  const { right, down } = moved.value
  const by = (mm: number, key: string) =>
    Math.abs(mm) < 0.5 ? [] : [t(`place.${key}`, { by: `${size(Math.abs(mm))} ${unit.value}` })]
  return [...by(down, down > 0 ? 'lower' : 'higher'), ...by(right, right > 0 ? 'right' : 'left')].join(', ')
})
const size = (mm: number) => lengthIn(Math.round(mm), length.value)

/** What was measured; nothing where it is as usual. */
function measure(which: 'width' | 'length') {
  return computed({
    get: () => form.value.garment.layout?.[which] ?? null,
    set: (mm) => {
      const { width = null, length: long = null, placed: there = [] } = form.value.garment.layout ?? {}
      form.value.garment.layout = { width, length: long, placed: there, [which]: mm }
    },
  })
}
const garmentWidth = measure('width')
const garmentLength = measure('length')

const unit = computed(() => (length.value === 'inch' ? 'in' : 'mm'))
const range = ({ from, to }: { from: number; to: number }) =>
  `${lengthIn(from, length.value)}–${lengthIn(to, length.value)} ${unit.value}`
</script>

<template>
  <section v-if="pattern" class="places">
    <BesideIt head>
      <a-radio-group v-model:value="face" :aria-label="$t('place.face')">
        <a-radio-button v-for="one in options('garmentface')" :key="one.value" :value="one.value">{{
          one.label
        }}</a-radio-button>
      </a-radio-group>
    </BesideIt>
    <p v-if="moved" class="moved" role="status">
      {{ $t('place.moved', { what: moved.name, way: way || $t('place.otherFace') }) }}
      <a-button size="small" @click="putBack">{{ $t('place.putBack') }}</a-button>
      <a-button size="small" type="text" @click="leave">{{ $t('place.leaveIt') }}</a-button>
    </p>
    <div class="columns">
      <div class="drawing">
        <GarmentDrawing
          :outline="face === 'FRONT' ? pattern.pattern.front : pattern.pattern.back"
          :depth="form.garment.depth"
          :hue="form.garment.hue"
          :things="things"
          :chosen="chosen"
          :platens="at && at.placing.face === face ? at.placing.positions : []"
          :insert="at && at.placing.face === face ? at.placing.insert : null"
          :title="$t('place.drawing', { face: title('garmentface', face) })"
          @choose="choose"
          @move="(thing, to) => move(thing.key, to)"
        />
        <p class="muted">
          {{
            $t(
              'place.how',
              length === 'inch' ? { fine: '1/16 in', coarse: '1/2 in' } : { fine: '1 mm', coarse: '10 mm' },
            )
          }}
          {{ $t(length === 'inch' ? 'place.gridInch' : 'place.gridMillimetres') }}
        </p>
      </div>
      <details class="numbers" :open="roomy">
        <summary>{{ $t('place.numbers') }}</summary>
        <ChoiceField id="place-chosen" v-model="chosen" :label="$t('place.chosen')" :options="choices" />
        <template v-if="area">
          <ChoiceField
            id="place-face"
            v-model="side"
            :label="$t('place.face')"
            :options="options('garmentface')"
          />
          <div class="pair">
            <LengthField
              id="place-across"
              v-model="across"
              :label="$t('place.across')"
              :min="-2500"
              :max="2500"
            />
            <LengthField
              id="place-below"
              v-model="below"
              :label="$t('place.below')"
              :min="-1000"
              :max="3000"
            />
          </div>
          <p class="muted">{{ $t('place.acrossNote') }}</p>
          <div v-if="obstacle" class="pair">
            <LengthField id="place-width" v-model="wide" :label="$t('garment.width')" :min="1" :max="5000" />
            <LengthField
              id="place-height"
              v-model="high"
              :label="$t('garment.height')"
              :min="1"
              :max="5000"
            />
          </div>
          <div class="buttons">
            <a-button size="small" @click="across = 0">{{ $t('place.centre') }}</a-button>
            <a-button v-if="art" size="small" :disabled="!art.spot" @click="art.spot = null">{{
              $t('place.byGuide')
            }}</a-button>
            <template v-if="obstacle">
              <a-button size="small" @click="asUsual(form.garment, obstacle.what)">{{
                $t('place.asUsual')
              }}</a-button>
              <a-button size="small" @click="choose(another(form.garment, obstacles, obstacle.key))">{{
                $t('place.another')
              }}</a-button>
              <a-button size="small" @click="takeAway(form.garment, obstacles, obstacle.key)">{{
                $t('place.takeAway')
              }}</a-button>
            </template>
          </div>
        </template>
        <PlatenAdvice v-if="at" :placed="at" :plan="plan" />
        <p v-else-if="art" class="muted">{{ $t('place.typeFirst') }}</p>
        <div class="pair">
          <LengthField
            id="garment-width"
            v-model="garmentWidth"
            path="garment.layout.width"
            :label="$t('place.width')"
            :placeholder="String(lengthIn(Math.round(pattern.pattern.width), length))"
            :min="10"
            :max="5000"
            optional
          />
          <LengthField
            id="garment-length"
            v-model="garmentLength"
            path="garment.layout.length"
            :label="$t('place.length')"
            :placeholder="String(lengthIn(Math.round(pattern.pattern.length), length))"
            :min="10"
            :max="5000"
            optional
          />
        </div>
        <p class="muted">
          {{
            $t('place.guide', {
              size: title('size', form.garment.size),
              below: range(pattern.guide.belowCollar),
              full: range(pattern.guide.fullWidth),
              chest: range(pattern.guide.chestWidth),
            })
          }}
        </p>
      </details>
    </div>
  </section>
</template>

<style scoped>
.places {
  width: 100%;
}

.columns {
  display: grid;
  gap: 14px;
}

.head {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
  padding-bottom: 10px;
}

.head h2 {
  flex: 1;
}

.moved {
  margin-bottom: 10px;
  padding: 8px 12px;
  border-radius: 8px;
  background: var(--tight-ground);
}

.drawing {
  display: grid;
  align-content: start;
  gap: 10px;
  justify-items: start;
}

.numbers > :not(summary) {
  margin-top: 10px;
}

summary {
  color: var(--heading);
  font: 600 var(--type-lead) var(--figures);
  cursor: pointer;
}

kbd {
  margin-left: 6px;
}

.numbers :deep(.full) {
  width: 100%;
}

.pair {
  display: grid;
  gap: 10px;
  grid-template-columns: 1fr 1fr;
}

.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}

.muted {
  font-size: var(--type-note);
}
</style>
