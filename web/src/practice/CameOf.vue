<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { Schemas } from '@/api/client'
import PressureMark from '@/speech/PressureMark.vue'
import TemperatureValue from '@/quantity/TemperatureValue.vue'
import TimeValue from '@/quantity/TimeValue.vue'
import { useVocabulary } from '@/speech/vocabulary'
import NinePlaces from './NinePlaces.vue'
import type { Pressed } from './usePractice'

/** What came of a piece, where, and what was to blame. */
const props = defineProps<{ pressed: Pressed }>()
const { word } = useVocabulary()
const better = ref(false)
watch(
  () => props.pressed,
  () => (better.value = false),
)
const QUESTIONS = ['hold', 'mark', 'bleed'] as const
const answers = computed(() =>
  QUESTIONS.map((question) => {
    const { verdict, sentence }: Schemas['Ended'] = props.pressed.whole[question]
    return { question, verdict, sentence }
  }),
)
</script>

<template>
  <section class="came" :aria-label="$t('practice.cameTitle')">
    <h3>{{ $t(pressed.wrong.length ? 'practice.cameTitle' : 'practice.cameWell') }}</h3>
    <p class="muted">
      {{ $t('practice.closedAt') }} <TemperatureValue :celsius="pressed.closedAt" />{{
        $t('practice.fellTo')
      }}
      <TemperatureValue :celsius="pressed.lowest" />.
    </p>
    <div role="status">
      <dl>
        <template v-for="answer in answers" :key="answer.question">
          <dt>
            {{ $t(`question.${answer.question.toUpperCase()}`) }}
            <b :class="answer.verdict.toLowerCase()">{{
              $t(`practice.came.${answer.question}.${answer.verdict}`)
            }}</b>
          </dt>
          <dd>{{ answer.sentence }}</dd>
        </template>
      </dl>
    </div>
    <div class="grids">
      <NinePlaces
        v-for="question in QUESTIONS"
        :key="question"
        :places="pressed.places"
        :question="question"
      />
    </div>
    <p class="muted small">{{ $t('practice.seenFromAbove') }}</p>
    <div v-if="pressed.wrong.length" class="wrong">
      <h3>{{ $t('practice.wrong') }}</h3>
      <div v-for="wrong in pressed.wrong" :key="wrong.question">
        <b>{{ $t(`question.${wrong.question}`) }}: </b>
        <span v-if="!wrong.because.length">{{ $t('practice.noCause') }}</span>
        <span v-else-if="wrong.together">{{ $t('practice.together') }}</span>
        <ul>
          <li v-for="cause in wrong.because" :key="cause">{{ cause }}</li>
        </ul>
      </div>
    </div>
    <p class="better">
      <a-button size="small" :aria-expanded="better" @click="better = !better">
        {{ $t('practice.better') }}
      </a-button>
    </p>
    <p v-if="better" class="planned">
      <TemperatureValue :celsius="pressed.better.dial" />
      <TimeValue :seconds="pressed.better.settings.time" />
      <PressureMark :pressure="pressed.better.settings.pressure" />
      <span>{{ $t('practice.betterDrying') }} <TimeValue :seconds="pressed.better.settings.drying" /></span>
      <span>{{ $t('practice.cover') }}: {{ word('cover', pressed.better.settings.cover) }}</span>
      <span v-if="pressed.better.settings.peelAfter !== null">
        {{ $t('practice.betterPeel') }} <TimeValue :seconds="pressed.better.settings.peelAfter" />
      </span>
    </p>
    <p v-if="better" class="muted small">{{ $t('practice.betterNote') }}</p>
  </section>
</template>

<style scoped>
.came {
  display: grid;
  gap: 8px;
  padding-top: 10px;
}

dl {
  display: grid;
  grid-template-columns: 112px 1fr;
  gap: 4px 10px;
  margin: 0;
}

dt {
  font-weight: 600;
}

dd {
  margin: 0;
}

.safe {
  color: var(--safe);
}

.tight {
  color: var(--tight);
}

.no {
  color: var(--no);
}

.grids {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 18px;
}

.small {
  font-size: var(--type-fine);
}

.wrong h3 {
  padding: 4px 0;
}

.planned {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 4px 16px;
}
</style>
