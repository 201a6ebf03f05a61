<script setup lang="ts">
import { computed } from 'vue'
import type { Plan, Problem, TicketForm, TicketView } from '@/api/client'
import LengthValue from '@/quantity/LengthValue.vue'
import { capital } from '@/quantity/format'
import { useVocabulary } from '@/speech/vocabulary'
import { currentOption, needsCutting } from './currentOption'
import DecorationTabs from './DecorationTabs.vue'
import { useCut } from './useTicket'

const props = defineProps<{ ticket: TicketView | null; form: TicketForm; plan: Plan | null }>()
const emit = defineEmits<{ method: []; press: [] }>()
const cut = useCut()
const worked = computed(() =>
  props.form.decorations.some(({ id }) => needsCutting(currentOption(props.plan, id))),
)
const isCut = computed(() => ['PRESS', 'CHECK', 'DONE'].includes(props.ticket?.station ?? ''))
const begun = computed(() => props.ticket?.station !== 'CUT' && props.ticket?.station !== 'PRESS')

async function say(done: boolean) {
  if (!props.ticket) return
  await cut.mutateAsync({ id: props.ticket.id, done })
  if (done) emit('press')
}
const { title } = useVocabulary()
/** The decoration that is looked at. */
const at = defineModel<string | undefined>('at')
const option = computed(() => currentOption(props.plan, at.value))
const art = computed(
  () => props.form.decorations.find(({ id }) => id === at.value) ?? props.form.decorations[0]!,
)
</script>

<template>
  <div>
    <h2>{{ $t('cut.title') }}</h2>
    <div v-if="!plan" class="sheet box">
      {{ $t('cut.first') }}
      <a-button type="primary" @click="$emit('method')">{{ $t('press.toMethod') }}</a-button>
    </div>
    <DecorationTabs v-else v-model="at" :decorations="form.decorations" />
    <p v-if="plan && !option" class="sheet box">{{ $t('cut.noHeat') }}</p>
    <template v-if="plan && option">
      <dl class="sheet facts">
        <div>
          <dt>{{ $t('cut.way') }}</dt>
          <dd class="big">{{ title('orientation', option.recipe.orientation.value) }}</dd>
          <dd class="muted">{{ option.recipe.orientation.why[0]?.sentence }}</dd>
        </div>
        <div>
          <dt>{{ $t('cut.face') }}</dt>
          <dd class="big">{{ title('cutface', option.recipe.cutFace) }}</dd>
        </div>
        <div>
          <dt>{{ $t('cut.size') }}</dt>
          <dd class="big">
            <LengthValue :millimetres="art.width" /> ×
            <LengthValue :millimetres="art.height" />
          </dd>
        </div>
        <div v-if="option.recipe.positions > 1">
          <dt>{{ $t('cut.positions') }}</dt>
          <dd>{{ $t('cut.positionsNote', { n: option.recipe.positions }) }}</dd>
        </div>
      </dl>
      <ol class="sheet list">
        <li v-for="line in option.preparation" :key="line">{{ capital(line) }}</li>
      </ol>
      <p v-if="cut.error.value" role="alert">{{ (cut.error.value as Problem).message }}</p>
      <div v-if="worked" class="said">
        <a-button
          v-if="!isCut"
          type="primary"
          size="large"
          :loading="cut.isPending.value"
          @click="say(true).catch(() => undefined)"
        >
          {{ $t('cut.done') }}
        </a-button>
        <template v-else>
          <span>{{ $t('cut.isDone') }}</span>
          <a-button
            v-if="!begun"
            size="small"
            :loading="cut.isPending.value"
            @click="say(false).catch(() => undefined)"
          >
            {{ $t('cut.notDone') }}
          </a-button>
        </template>
      </div>
    </template>
  </div>
</template>

<style scoped>
.box,
.facts,
.list {
  margin: 12px 0;
  padding: 16px 20px;
}

.facts {
  display: flex;
  flex-wrap: wrap;
  gap: 18px 44px;
}

dt {
  color: var(--muted);
}

dd {
  margin: 0;
}

.said {
  display: flex;
  align-items: center;
  gap: 14px;
}

.big {
  font: 600 22px var(--figures);
}

.list {
  padding-left: 40px;
  line-height: 1.9;
}
</style>
