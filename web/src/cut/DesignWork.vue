<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import LengthField from '@/form/LengthField.vue'
import { useFields } from '@/form/fields'
import SwitchField from '@/form/SwitchField.vue'
import { capital } from '@/quantity/format'
import LengthValue from '@/quantity/LengthValue.vue'
import TimeValue from '@/quantity/TimeValue.vue'
import { useVocabulary } from '@/speech/vocabulary'
import type { Schemas } from '@/api/client'
import ArtDrawing from './ArtDrawing.vue'
import ArtIn from './ArtIn.vue'
import ColourRows from './ColourRows.vue'
import type { ArtView, Design, DesignReading } from './designs'
import FaultList from './FaultList.vue'
import LetterFields from './LetterFields.vue'
import PrintFields from './PrintFields.vue'
import type { Work } from './useWork'

/** One design: how it looks and lies, its colours, what fails in it, and what to do about it. */
const design = defineModel<Design>({ required: true })
const props = defineProps<{
  art: ArtView | null
  reading: DesignReading | null
  work: Work | null
  problem: string
  /** Whether the ticket has other measures than the art. */
  differs: boolean
}>()
const emit = defineEmits<{ art: [art: ArtView]; stop: []; again: []; flow: [] }>()
useFields(() => null)
const { options } = useVocabulary()
const onMat = ref(false)
const chosen = ref<{ layer: number; fault: number } | null>(null)
const mending = ref<{ colour: string; box: Schemas['LetterBox'] } | null>(null)
const letters = ref('')

const newBlade = computed({
  get: () => design.value.newBlade,
  set: (to: boolean) => (design.value = { ...design.value, newBlade: to }),
})
const running = computed(() => props.work?.state === 'RUNNING')
const percent = computed(() => (props.work?.of ? Math.round((100 * props.work.done) / props.work.of) : 0))
const lift = computed(() => props.reading?.layers.reduce((sum, { toLift }) => sum + toLift, 0) ?? 0)
const tooSmall = computed(() => props.reading && props.reading.cleanWidth > design.value.width + 0.05)
const broken = computed(
  () =>
    props.reading?.layers.flatMap(({ colour, broken: shapes }) =>
      shapes.map((shape) => ({ colour, shape })),
    ) ?? [],
)
const cutters = computed(() => [
  ...new Set(props.reading?.layers.flatMap(({ cutter }) => (cutter ? [cutter] : [])) ?? []),
])

watch(
  () => props.reading,
  () => {
    chosen.value = null
  },
)

function mend(colour: string, box: Schemas['LetterBox']) {
  mending.value = { colour, box }
  letters.value = ''
}

function set(replacement: Schemas['Replacement']) {
  design.value = { ...design.value, replacements: [...design.value.replacements, replacement] }
  close()
}

function close() {
  mending.value = null
  letters.value = ''
}

/** Letters were set for this size: at another they go with it. */
function resize(to: number) {
  const factor = to / design.value.width
  design.value = {
    ...design.value,
    width: to,
    replacements: design.value.replacements.map((each) => ({
      ...each,
      x: each.x * factor,
      y: each.y * factor,
      width: each.width * factor,
      height: each.height * factor,
      baseline: each.baseline * factor,
    })),
  }
}

function undoLetters(n: number) {
  design.value = { ...design.value, replacements: design.value.replacements.filter((_, i) => i !== n) }
}
</script>

<template>
  <div>
    <div class="head">
      <b>{{ art?.name }}</b>
      <ArtIn again @art="emit('art', $event)" />
    </div>
    <ul v-if="art?.skipped.length" class="skipped" :aria-label="$t('cut.skipped')">
      <li v-for="said in art.skipped" :key="said">{{ said }}</li>
    </ul>
    <div v-if="running" class="line" role="status">
      <span>{{ $t('cut.reading') }}</span>
      <a-progress :percent="percent" class="progress" :aria-label="$t('cut.reading')" />
      <a-button size="small" danger @click="emit('stop')">{{ $t('cut.stop') }}</a-button>
    </div>
    <p v-else-if="work?.state === 'CANCELLED'" role="status">
      {{ $t('cut.stopped') }} <a-button size="small" @click="emit('again')">{{ $t('cut.again') }}</a-button>
    </p>
    <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
    <template v-if="reading">
      <div class="line">
        <a-radio-group v-model:value="onMat" :aria-label="$t('cut.way')">
          <a-radio-button :value="false">{{ $t('cut.asSeen') }}</a-radio-button>
          <a-radio-button :value="true">{{ $t('cut.onMat') }}</a-radio-button>
        </a-radio-group>
        <span class="muted">{{
          onMat ? $t(reading.mirrored ? 'cut.liesMirrored' : 'cut.liesAsSeen', { face: reading.face }) : ''
        }}</span>
      </div>
      <ArtDrawing
        :reading="reading"
        :on-mat="onMat"
        :chosen="chosen"
        faults
        :boxes="mending ? [mending.box] : []"
        :letters="letters"
        :title="$t('cut.drawing', { name: art?.name ?? '' })"
        @choose="(layer, fault) => (chosen = { layer, fault })"
      />
      <dl class="facts">
        <div v-if="!reading.print">
          <dt>{{ $t('cut.toLift') }}</dt>
          <dd>{{ lift }}</dd>
        </div>
        <div v-if="!reading.print">
          <dt>{{ $t('cut.cutLength') }}</dt>
          <dd>{{ (reading.cutLength / 1000).toFixed(2) }} m</dd>
        </div>
        <div v-if="!reading.print">
          <dt>{{ $t('cut.weeding') }}</dt>
          <dd><TimeValue :seconds="Math.round(reading.weedingSeconds)" /></dd>
        </div>
        <div>
          <dt>{{ $t('cut.size') }}</dt>
          <dd>
            <LengthValue :millimetres="Math.round(reading.bounds.width)" /> ×
            <LengthValue :millimetres="Math.round(reading.bounds.height)" />
          </dd>
        </div>
        <div v-if="tooSmall" class="wanted">
          <dt>{{ $t('cut.cleanFrom') }}</dt>
          <dd>
            <LengthValue :millimetres="reading.cleanWidth" />
            <a-button
              size="small"
              :disabled="reading.cleanWidth > 3000"
              @click="resize(reading.cleanWidth)"
              >{{ $t('cut.makeSo') }}</a-button
            >
          </dd>
        </div>
      </dl>
      <p v-if="reading.print" class="line">{{ capital(reading.print.why) }}.</p>
      <p v-for="cutter in cutters" :key="cutter">{{ cutter }}</p>
      <ul class="checks" :aria-label="$t('cut.checks')">
        <li v-for="check in reading.checks" :key="check">{{ capital(check) }}</li>
      </ul>
      <template v-if="!reading.print">
        <h3>{{ $t('cut.faults') }}</h3>
        <ul v-if="broken.length" class="broken">
          <li v-for="({ colour, shape }, n) in broken.slice(0, 12)" :key="n">
            {{ $t('cut.brokenShape', { n: shape.faults }) }}
            <LengthValue :millimetres="Math.round(shape.box.width * 10) / 10" /> ×
            <LengthValue :millimetres="Math.round(shape.box.height * 10) / 10" />
            <a-button size="small" @click="mend(colour, shape.box)">{{ $t('cut.retype') }}</a-button>
          </li>
        </ul>
        <LetterFields
          v-if="mending"
          :key="JSON.stringify(mending.box)"
          :box="mending.box"
          :colour="mending.colour"
          @show="letters = $event"
          @set="set"
          @close="close"
        />
        <p v-for="(each, n) in design.replacements" :key="n" class="line">
          {{ $t('cut.replaced', { text: each.text }) }}
          <a-button size="small" @click="undoLetters(n)">{{ $t('cut.undo') }}</a-button>
        </p>
        <FaultList
          :reading="reading"
          :chosen="chosen"
          @choose="(layer, fault) => (chosen = { layer, fault })"
        />
      </template>
    </template>
    <h3>{{ $t('cut.colours') }}</h3>
    <ColourRows v-model="design" />
    <div class="fields">
      <LengthField
        id="cut-width"
        :model-value="design.width"
        :label="$t('cut.width')"
        :min="3"
        :max="3000"
        @update:model-value="(to: number) => resize(to)"
      />
      <div>
        <label for="cut-overlap">{{ $t('cut.overlap') }}</label>
        <a-select
          id="cut-overlap"
          :value="design.overlap"
          :aria-label="$t('cut.overlap')"
          :options="options('overlap')"
          @change="(to: unknown) => (design = { ...design, overlap: to as Design['overlap'] })"
        />
      </div>
      <SwitchField v-if="!reading?.print" id="cut-blade" v-model="newBlade" :label="$t('cut.newBlade')" />
    </div>
    <PrintFields v-if="reading?.print" v-model="design" />
    <div v-if="differs && reading" class="line notice" role="status">
      {{ $t('cut.differs') }}
      <a-button size="small" @click="emit('flow')">{{ $t('cut.flow') }}</a-button>
    </div>
  </div>
</template>

<style scoped>
.head,
.line {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: space-between;
  gap: 10px;
  padding: 6px 0;
}

.line {
  justify-content: flex-start;
}

.progress {
  flex: 1;
  max-width: 300px;
}

.facts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 28px;
  margin: 10px 0;
}

dt {
  color: var(--muted);
  font-size: 13px;
}

dd {
  margin: 0;
  font: 600 18px var(--figures);
}

.wanted dd {
  display: flex;
  gap: 10px;
  color: var(--no);
}

.skipped,
.problem {
  color: var(--no);
}

.checks {
  padding: 0 0 8px 20px;
  font-size: 14px;
}

.broken {
  padding: 4px 0 4px 20px;
}

.broken li {
  padding: 3px 0;
}

.broken .ant-btn {
  margin-left: 10px;
}

.fields {
  display: grid;
  grid-template-columns: repeat(3, minmax(140px, 200px));
  gap: 10px 16px;
  align-items: end;
  padding: 10px 0;
}

.fields :deep(.ant-select) {
  width: 100%;
}

h3 {
  margin-top: 10px;
}

.notice {
  padding: 6px 12px;
  border-radius: 8px;
  background: var(--tight-ground);
}
</style>
