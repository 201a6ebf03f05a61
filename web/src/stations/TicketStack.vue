<script setup lang="ts">
import { computed, defineAsyncComponent } from 'vue'
import { useI18n } from 'vue-i18n'
import { isNoHeat } from '@/media/noHeat'
import { useTried } from '@/presswindow/useTried'
import StackDrawing from '@/stack/StackDrawing.vue'
import { capital } from '@/quantity/format'
import TemperatureValue from '@/quantity/TemperatureValue.vue'
import TimeValue from '@/quantity/TimeValue.vue'
import TermWord from '@/terms/TermWord.vue'
import { currentOption, decorationOf } from '@/ticket/currentOption'
import PressureMark from '@/speech/PressureMark.vue'
import PeelMark from '@/speech/PeelMark.vue'
import { openTicket } from './openTicket'

/** What a new ticket does not need comes when it is gone to. */
const HeatStory = defineAsyncComponent(() => import('@/heat/HeatStory.vue'))

/** The Stack of what is looked at: of the plan that was kept, or of what is typed. */
const { form, stored, planId, preview, art, decoration, looked, aside, stackWanted, tried } = openTicket()
const { t } = useI18n()

const kept = computed(() => decorationOf(stored.value?.plan ?? null, art.value?.id))
const option = computed(() =>
  aside.stack === 'kept' ? currentOption(stored.value?.plan ?? null, art.value?.id) : looked.value,
)
const withoutHeat = computed(() =>
  aside.stack === 'kept' ? isNoHeat(kept.value?.medium) : !!decoration.value && !looked.value,
)
const loading = computed(() =>
  aside.stack === 'kept' ? typeof planId.value === 'string' && !stored.value : preview.isFetching.value,
)

const {
  now,
  triedStack,
  told: trialTold,
} = useTried(
  tried,
  computed(() => option.value?.stack ?? null),
  () => t('press.main'),
)

const told = computed(() =>
  aside.story && stored.value && kept.value && option.value
    ? {
        planId: stored.value.id,
        decoration: kept.value.decoration,
        names: Object.fromEntries(form.value.decorations.map((one) => [one.id, one.description])),
        ...trialTold.value,
      }
    : null,
)
/** The moment of the heat story that is looked at. */
const moment = computed(() => (told.value ? now.value : null))
</script>

<template>
  <div>
    <div class="head">
      <h2>
        <TermWord of="stack">{{ $t('ticket.stack') }}</TermWord>
      </h2>
      <span v-if="moment && option" class="muted">{{
        $t('ticket.stackAt', {
          medium: capital(option.name),
          time: Math.round(moment.time),
          doing: moment.doing,
        })
      }}</span>
      <span v-else-if="option" class="muted">{{
        $t('ticket.stackOf', { medium: capital(option.name) })
      }}</span>
      <a-button v-if="aside.thing" size="small" @click="stackWanted = false">
        {{ aside.thing }} <kbd>S</kbd>
      </a-button>
    </div>
    <template v-if="option">
      <StackDrawing
        :stack="triedStack ?? option.stack"
        :depth="form.garment.depth"
        :hue="form.garment.hue"
        :height="told ? 280 : 430"
        :now="moment"
      />
      <p v-if="!told" class="settings">
        <TemperatureValue :celsius="option.recipe.setting.dial.value" />
        <TimeValue :seconds="option.recipe.setting.time.value" />
        <PressureMark :pressure="option.recipe.setting.pressure.value" />
        <PeelMark :peel="option.recipe.peel.when.value" />
      </p>
    </template>
    <a-skeleton v-else-if="loading" active :paragraph="{ rows: 8 }" />
    <p v-else-if="withoutHeat" class="muted">{{ $t('ticket.noHeat') }}</p>
    <p v-else class="muted">{{ $t('ticket.stackEmpty') }}</p>
    <HeatStory v-if="told" v-bind="told" @now="now = $event" />
  </div>
</template>
<style scoped>
.head {
  display: flex;
  align-items: baseline;
  justify-content: space-between;
  margin-bottom: 10px;
}

kbd {
  margin-left: 6px;
}

.settings {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 6px 20px;
  padding-top: 12px;
  font-size: var(--type-lead);
}

.settings .figure {
  font-size: var(--type-headline);
}
</style>
