<script setup lang="ts">
import { computed, ref, toRef, watch } from 'vue'
import type { DecorationForm } from '@/api/client'
import { useFields } from '@/form/fields'
import BesideIt from '@/shell/BesideIt.vue'
import QueryState from '@/shell/QueryState.vue'
import LabelFields from './LabelFields.vue'
import MotifFields from './MotifFields.vue'
import PatchFields from './PatchFields.vue'
import SlitFields from './SlitFields.vue'
import StoneFields from './StoneFields.vue'
import StripFields from './StripFields.vue'
import SumFacts from './SumFacts.vue'
import SumFiles from './SumFiles.vue'
import { taken, type SumKind } from './sums'
import PageDrawing from './PageDrawing.vue'
import { useSum } from './useSum'

/** One sum of a thing: what is typed at the left, what it comes to drawn beside it. */
const props = defineProps<{
  ticketId: string
  version: number
  decoration: string
  kind: SumKind
  /** Of the drawing that was brought; none where none was. */
  colours: string[]
  pieces: number
  roster: number
}>()
const emit = defineEmits<{ take: [measures: Partial<DecorationForm>] }>()
const { form, view, error, isPending, refetch, sending, problem, wrong } = useSum(
  toRef(props, 'ticketId'),
  () => `${props.version} ${props.colours.join(' ')}`,
  props.decoration,
  props.kind,
)
useFields(() => problem.value)
const at = ref(0)
const pages = computed(() => view.value?.pages ?? [])
watch(pages, (now) => {
  if (at.value >= now.length) at.value = 0
})
const page = computed(() => pages.value[at.value] ?? null)
const choices = computed(() => pages.value.map(({ name }, value) => ({ value, label: name })))
</script>

<template>
  <QueryState :loading="isPending" :error="error" @retry="refetch">
    <template v-if="form && view">
      <BesideIt>
        <a-select
          v-if="pages.length > 1"
          v-model:value="at"
          :options="choices"
          :aria-label="$t('sums.page')"
          class="full which"
        />
        <PageDrawing
          v-if="page"
          :page="page"
          :named="pages.length === 1"
          :cloth="view.kinds.length ? view.cloth : null"
        />
      </BesideIt>
      <LabelFields v-if="form.labels" v-model="form.labels" :roster="roster" />
      <PatchFields v-if="form.patches" v-model="form.patches" :drawn="colours.length > 0" :pieces="pieces" />
      <StripFields v-if="form.strips" v-model="form.strips" :pieces="pieces" />
      <SlitFields v-if="form.slits" v-model="form.slits" />
      <StoneFields v-if="form.stones" v-model="form.stones" :colours="colours" :garment="view.cloth" />
      <MotifFields v-if="form.motifs" v-model="form.motifs" />
      <p v-if="wrong" role="alert" class="wrong">{{ wrong }}</p>
      <div v-if="view.fits && !wrong" class="notice" role="status">
        {{ $t('sums.differs') }}
        <a-button size="small" :disabled="sending" @click="emit('take', taken(view.fits))">{{
          $t('sums.take')
        }}</a-button>
      </div>
      <SumFacts :sum="view" :class="{ old: wrong }" />
      <SumFiles v-if="!wrong" :ticket-id="ticketId" :decoration="decoration" :kind="kind" :sum="view" />
    </template>
  </QueryState>
</template>

<style scoped>
:deep(.fields) {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
  gap: 10px 14px;
  align-items: end;
  padding: 8px 0;
}

.which {
  margin-bottom: 8px;
}

.wrong {
  color: var(--no);
}

.notice {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 10px;
  margin: 6px 0;
  padding: 6px 12px;
  border-radius: 8px;
  background: var(--tight-ground);
}

.old {
  opacity: 0.55;
}
</style>
