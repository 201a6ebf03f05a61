<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import BesideIt from '@/shell/BesideIt.vue'
import { capital } from '@/quantity/format'
import ArtDrawing from './ArtDrawing.vue'
import ArtIn from './ArtIn.vue'
import DesignFacts from './DesignFacts.vue'
import DesignFields from './DesignFields.vue'
import ReadAs from './ReadAs.vue'
import { resized, type ArtView, type Design, type DesignReading, type Fault, type Typing } from './designs'
import type { Work } from './useWork'
import WhatFails from './WhatFails.vue'

/** One design: how it looks and lies, its colours, what fails in it, and what to do about it. */
const design = defineModel<Design>({ required: true })
const props = defineProps<{
  art: ArtView | null
  reading: DesignReading | null
  work: Work | null
  problem: string
  /** Whether the ticket has other measures than the art. */
  differs: boolean
  /** How far its middle lies to the right of the garment's, mm; null while nobody knows. */
  fromCentre: number | null
}>()
const emit = defineEmits<{
  art: [art: ArtView]
  stop: []
  againRead: [art: ArtView]
  again: []
  flow: []
  centre: [fromCentre: number]
}>()
const onMat = ref(false)
const chosen = ref<Fault | null>(null)
const typing = ref<Typing | null>(null)

const running = computed(() => props.work?.state === 'RUNNING')
const percent = computed(() => (props.work?.of ? Math.round((100 * props.work.done) / props.work.of) : 0))
const cutters = computed(() => [
  ...new Set(props.reading?.layers.flatMap(({ cutter }) => (cutter ? [cutter] : [])) ?? []),
])

watch(
  () => props.reading,
  () => (chosen.value = null),
)
// The shape that letters are typed for has another box then.
watch(
  () => design.value.width,
  () => (typing.value = null),
)
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
    <ReadAs v-if="art && (art.hasText || art.hasGradients)" :art="art" @read="emit('againRead', $event)" />
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
      <BesideIt>
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
          :boxes="typing ? [typing.box] : []"
          :letters="typing?.path ?? ''"
          :title="$t('cut.drawing', { name: art?.name ?? '' })"
          @choose="(layer, fault) => (chosen = { layer, fault })"
        />
      </BesideIt>
      <DesignFacts
        :reading="reading"
        :width="design.width"
        :from-centre="fromCentre"
        @resize="design = resized(design, $event)"
        @centre="emit('centre', $event)"
      />
      <p v-if="reading.print" class="line">{{ capital(reading.print.why) }}.</p>
      <p v-for="cutter in cutters" :key="cutter">{{ cutter }}</p>
      <ul class="checks" :aria-label="$t('cut.checks')">
        <li v-for="check in reading.checks" :key="check">{{ capital(check) }}</li>
      </ul>
      <WhatFails
        v-if="!reading.print"
        v-model="design"
        v-model:chosen="chosen"
        v-model:typing="typing"
        :reading="reading"
      />
    </template>
    <DesignFields v-model="design" :printed="reading?.print != null" />
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

.skipped,
.problem {
  color: var(--no);
}

.checks {
  padding: 0 0 8px 20px;
  font-size: var(--type-note);
}

.notice {
  padding: 6px 12px;
  border-radius: 8px;
  background: var(--tight-ground);
}
</style>
