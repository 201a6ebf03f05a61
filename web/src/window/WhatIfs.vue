<script setup lang="ts">
import { computed, ref, toRef, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { capital } from '@/quantity/format'
import { useWhatIfs, type OwnSetting, type Trial } from './useTrial'

/** One thing otherwise, each with the difference that it makes; any of them can be kept. */
const props = defineProps<{
  trial: Trial
  /** How far nine of ten such presses are off, K. */
  strays: number
  busy?: boolean
}>()
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
/** What of it can be kept and leaves more seconds that are safe, the most first. */
const widening = computed(() =>
  (data.value ?? [])
    .filter(({ kind, wider, kept }) => DONE_OTHERWISE.includes(kind) && wider > 0 && kept)
    .sort((a, b) => b.wider - a.wider)
    .slice(0, 2)
    .map(({ what, wider }) => t('window.widensBy', { what, n: wider }))
    .join('; '),
)
/** An oval as wide as this is mostly a press that nobody measured, K. */
const UNMEASURED = 6
/** A word that says no is told apart from a mere difference by more than its colour: it is in words. */
const grave = (margins: { [question: string]: { verdict: string } }) =>
  Object.values(margins).some(({ verdict }) => verdict === 'NO')
</script>

<template>
  <div v-if="data?.length" class="what-ifs">
    <p class="widens">
      <b>{{ $t('window.widens') }}</b> {{ widening || $t('window.widensNothing')
      }}{{ widening ? `. ${$t('window.widensOwn')}` : ''
      }}{{ strays > UNMEASURED ? ` ${$t('window.widensMeasured')}` : '' }}
    </p>
    <h3>{{ $t('window.whatIf') }}</h3>
    <div class="chips">
      <button
        v-for="each in data"
        :key="each.what"
        type="button"
        :aria-pressed="each.what === chosen"
        @click="chosen = chosen === each.what ? null : each.what"
      >
        {{ each.what }} <b :class="{ grave: grave(each.margins) }">{{ each.difference }}</b>
      </button>
    </div>
    <div v-if="opened" class="told sheet" role="status">
      <p>
        <b>{{ opened.what }}:</b> {{ opened.told.map(capital).join('. ') }}.
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
.widens {
  padding-bottom: 8px;
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
  border-color: var(--copper);
  background: var(--mind-ground);
}

.chips b {
  color: var(--copper);
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
