<script setup lang="ts">
import { computed, ref, toRef, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { capital } from '@/quantity/format'
import type { Schemas } from '@/api/client'
import { useWhatIfs, type OwnSetting, type Trial } from './useTrial'

/** One thing otherwise, each with the difference that it makes; any of them can be kept. */
const props = defineProps<{
  trial: Trial
  /** How far nine of ten such presses are off, K. */
  strays: number
  busy?: boolean
}>()
type WhatIf = Schemas['WhatIf']
const { t } = useI18n()
const emit = defineEmits<{ keep: [own: OwnSetting] }>()
const { data } = useWhatIfs(toRef(props, 'trial'))
const chosen = ref<string | null>(null)
watch(
  () => [props.trial.decoration, props.trial.medium],
  () => (chosen.value = null),
)
const opened = computed(() => data.value?.find(({ what }) => what === chosen.value) ?? null)
/** What a maker can do otherwise, and not only make up for. */
const DONE_OTHERWISE = ['COVER', 'NO_PRE_PRESS', 'PAD', 'OTHER_PRESS', 'FROM_BACK', 'WARM_CLOTH']
const widens = ({ kind, wider, kept }: WhatIf) => DONE_OTHERWISE.includes(kind) && wider > 0 && kept !== null
/** What can be kept and leaves more seconds that are safe, the most first. */
const widening = computed(() => (data.value ?? []).filter(widens).sort((a, b) => b.wider - a.wider))
const rest = computed(() => (data.value ?? []).filter((each) => !widens(each)))
/** Within a sentence. */
const within = (said: string) => said.charAt(0).toLowerCase() + said.slice(1)
/** What becomes better and what becomes worse, in one sentence. */
function told(each: WhatIf): string {
  const now = each.told.map(capital).join('. ')
  return widens(each) ? t('window.moreOwn', { n: each.wider, told: each.told.map(within).join(', ') }) : now
}
/** An oval as wide as this is mostly a press that nobody measured, K. */
const UNMEASURED = 6
/** A word that says no is told apart from a mere difference by more than its colour: it is in words. */
const grave = (margins: { [question: string]: { verdict: string } }) =>
  Object.values(margins).some(({ verdict }) => verdict === 'NO')
</script>

<template>
  <div v-if="data?.length" class="what-ifs">
    <template
      v-for="[title, all] in [
        ['more', widening],
        ['whatIf', rest],
      ] as const"
      :key="title"
    >
      <h3 v-if="all.length || title === 'more'">{{ $t(`window.${title}`) }}</h3>
      <p v-if="title === 'more' && !all.length" class="muted">{{ $t('window.moreNothing') }}</p>
      <div v-if="all.length" class="chips" :class="title">
        <button
          v-for="each in all"
          :key="each.what"
          type="button"
          :aria-pressed="each.what === chosen"
          @click="chosen = chosen === each.what ? null : each.what"
        >
          {{ each.what }}
          <b v-if="title === 'more'" class="room">{{ $t('window.moreBy', { n: each.wider }) }}</b>
          <b v-else :class="{ grave: grave(each.margins) }">{{ each.difference }}</b>
        </button>
      </div>
      <p v-if="title === 'more' && strays > UNMEASURED" class="muted">{{ $t('window.moreMeasured') }}</p>
    </template>
    <div v-if="opened" class="told sheet" role="status">
      <p>
        <b>{{ opened.what }}:</b> {{ told(opened) }}.
      </p>
      <p class="words">
        <span v-for="margin in opened.margins" :key="margin.question">
          {{ $t(`question.${margin.question}`) }}
          <b :class="margin.verdict.toLowerCase()">{{ margin.verdict.toLowerCase() }}</b>
        </span>
        <a-button v-if="opened.kept" size="small" :loading="busy" @click="emit('keep', opened.kept)">
          {{ opened.keeping }}
        </a-button>
      </p>
    </div>
  </div>
</template>

<style scoped>
h3 {
  padding-top: 8px;
}

.chips {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  padding-top: 6px;
}

.chips button {
  min-height: 40px;
  padding: 4px 12px;
  border: 1px solid var(--line);
  border-radius: 8px;
  background: var(--sheet);
  color: inherit;
  font: inherit;
  cursor: pointer;
}

.chips button:hover,
.chips button[aria-pressed='true'] {
  border-color: var(--chosen);
  background: var(--mind-ground);
}

.chips b {
  color: var(--chosen);
}

.chips b.room {
  color: var(--safe);
}

.chips b.grave {
  color: var(--no);
}

.told {
  margin-top: 8px;
  padding: 10px 14px;
}

.words {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 16px;
  padding-top: 6px;
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
</style>
