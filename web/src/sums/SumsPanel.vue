<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import type { DecorationForm } from '@/api/client'
import OneSum from './OneSum.vue'
import { KINDS, usualSum, type SumKind } from './sums'

/** The sums of the bench for one thing: the one that it usually needs first. */
const props = defineProps<{
  ticketId: string
  version: number
  art: DecorationForm
  colours: string[]
  pieces: number
  roster: number
}>()
const emit = defineEmits<{ take: [measures: Partial<DecorationForm>] }>()
const { t } = useI18n()
const kind = ref<SumKind>(usualSum(props.art.kind))
watch(
  () => props.art.id,
  () => (kind.value = usualSum(props.art.kind)),
)
const kinds = computed(() => KINDS.map((value) => ({ value, label: t(`sums.kind.${value}`) })))
</script>

<template>
  <div>
    <a-radio-group v-model:value="kind" :options="kinds" :aria-label="$t('sums.title')" />
    <slot v-if="!colours.length && (kind === 'PATCHES' || kind === 'STONES')" name="art" />
    <OneSum
      :key="`${art.id} ${kind}`"
      :ticket-id="ticketId"
      :version="version"
      :decoration="art.id"
      :kind="kind"
      :colours="colours"
      :pieces="pieces"
      :roster="roster"
      @take="emit('take', $event)"
    />
  </div>
</template>
