<script setup lang="ts">
import dayjs, { type Dayjs } from 'dayjs'
import { computed } from 'vue'
import { App } from 'ant-design-vue'
import { useI18n } from 'vue-i18n'
import type { GarmentForm, Problem, Schemas, TicketForm } from '@/api/client'
import { copyOf, missing } from '@/plan/blankTicket'
import { useVocabulary } from '@/speech/vocabulary'
import ArtFields from './ArtFields.vue'
import ChoiceField from './ChoiceField.vue'
import KeepCloth from './KeepCloth.vue'
import KnownCloths from './KnownCloths.vue'
import LabelField from './LabelField.vue'

const form = defineModel<TicketForm>({ required: true })
const props = defineProps<{ presses: Schemas['PressView'][]; problem: Problem | null; keeping: boolean }>()
const emit = defineEmits<{ keep: [] }>()
const { options } = useVocabulary()
const { t } = useI18n()
const { message } = App.useApp()

const garment = computed(() => form.value.garment)
const art = computed({
  get: () => form.value.decorations[0]!,
  set: (changed) => (form.value.decorations[0] = changed),
})
const weight = computed({
  get: () => garment.value.weight ?? undefined,
  set: (typed: number | null | undefined) => (garment.value.weight = typed ?? null),
})
const pressChoices = computed(() =>
  props.presses.map((press) => ({ value: press.id, label: press.press.name })),
)
const due = computed({
  get: () => dayjs(form.value.dueAt),
  set: (value: Dayjs | undefined) => {
    if (value) form.value.dueAt = value.toISOString()
  },
})

function useCloth(known: GarmentForm) {
  form.value.garment = copyOf(known)
}

function keep() {
  const open = missing(form.value)
  if (!form.value.title.trim()) {
    form.value.title = form.value.garment.name ? `${form.value.pieces} × ${form.value.garment.name}` : ''
  }
  if (open.length) {
    message.error(t('method.fix', { what: open.map((key) => t(`garment.${key}`)).join(', ') }))
    document.getElementById(open[0]!)?.focus()
    return
  }
  emit('keep')
}
</script>

<template>
  <form class="garment" novalidate @submit.prevent="keep">
    <section class="part">
      <div class="heading">
        <h2>{{ $t('garment.title') }}</h2>
        <span class="blanks">
          <KeepCloth :garment="garment" />
          <KnownCloths @choose="useCloth" />
        </span>
      </div>
      <div class="fields">
        <label class="wide2"
          ><span>{{ $t('garment.name') }}</span
          ><a-input
            id="name"
            v-model:value="garment.name"
            :maxlength="80"
            :placeholder="$t('garment.nameHint')"
        /></label>
        <ChoiceField
          id="kind"
          v-model="garment.kind"
          :label="$t('garment.kind')"
          :options="options('garment')"
        />
        <ChoiceField
          id="size"
          v-model="garment.size"
          :label="$t('garment.size')"
          :options="options('size')"
        />
        <label class="wide3" for="label"
          ><span>{{ $t('garment.label') }}</span
          ><LabelField v-model="garment.label"
        /></label>
        <ChoiceField
          id="iron"
          v-model="garment.iron"
          :label="$t('garment.iron')"
          :options="options('iron')"
        />
        <ChoiceField
          id="fabric"
          v-model="garment.fabric"
          :label="$t('garment.fabric')"
          :options="options('fabric')"
        />
        <label
          ><span>{{ $t('garment.weight') }}</span
          ><a-input-number
            id="weight"
            v-model:value="weight"
            :min="5"
            :max="3000"
            addon-after="g/m²"
            :placeholder="$t('garment.weightUsual')"
            class="full"
        /></label>
        <label
          ><span>{{ $t('garment.colour') }}</span
          ><a-input id="colour" v-model:value="garment.colour" :maxlength="40"
        /></label>
        <ChoiceField
          id="depth"
          v-model="garment.depth"
          :label="$t('garment.depth')"
          :options="options('depth')"
        />
        <ChoiceField id="hue" v-model="garment.hue" :label="$t('garment.hue')" :options="options('hue')" />
        <ChoiceField id="dye" v-model="garment.dye" :label="$t('garment.dye')" :options="options('dye')" />
        <ChoiceField
          id="finish"
          v-model="garment.finish"
          :label="$t('garment.finish')"
          :options="options('finish')"
        />
        <ChoiceField
          id="obstacles"
          v-model="garment.obstacles"
          :label="$t('garment.obstacles')"
          :options="options('obstacle')"
          multiple
          :hint="$t('garment.obstaclesHint')"
        />
      </div>
    </section>
    <ArtFields v-model="art" />
    <section class="part">
      <h2>{{ $t('garment.order') }}</h2>
      <div class="fields">
        <label class="wide2"
          ><span>{{ $t('garment.ticketTitle') }}</span
          ><a-input
            id="title"
            v-model:value="form.title"
            :maxlength="80"
            :placeholder="$t('garment.ticketTitleHint')"
        /></label>
        <label class="wide2"
          ><span>{{ $t('garment.customer') }}</span
          ><a-input id="customer" v-model:value="form.customer" :maxlength="80"
        /></label>
        <label
          ><span>{{ $t('garment.pieces') }}</span
          ><a-input-number
            id="pieces"
            v-model:value="form.pieces"
            :min="1"
            :max="10000"
            :precision="0"
            class="full"
        /></label>
        <label
          ><span>{{ $t('garment.due') }}</span
          ><a-date-picker
            id="due"
            v-model:value="due"
            :allow-clear="false"
            :show-time="{ format: 'HH:mm', minuteStep: 15 }"
            format="ddd D MMM HH:mm"
            class="full"
        /></label>
        <ChoiceField
          id="press"
          v-model="form.pressId"
          class="wide2"
          :label="$t('garment.press')"
          :options="pressChoices"
        />
      </div>
    </section>
    <div v-if="problem" class="problem" role="alert">{{ problem.message }}</div>
    <a-button type="primary" size="large" html-type="submit" :loading="keeping">{{
      $t('garment.keep')
    }}</a-button>
  </form>
</template>

<style scoped>
.garment {
  display: grid;
  gap: 14px;
  justify-items: start;
}

.part {
  width: 100%;
}

.blanks {
  display: flex;
  gap: 10px;
}

.heading {
  display: flex;
  align-items: center;
  justify-content: space-between;
}

.problem {
  padding: 10px 14px;
  border-left: 4px solid var(--no);
  background: var(--no-ground);
}
</style>
