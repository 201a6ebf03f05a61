<script setup lang="ts">
import { useMutation, useQueryClient } from '@tanstack/vue-query'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { answer, api, type GarmentForm, type Problem } from '@/api/client'
import { touched } from '@/api/queries'
import { useMessage } from '@/shell/useMessage'

/** Keeps the garment as one that the shop presses often. */
const props = defineProps<{ garment: GarmentForm }>()
const message = useMessage()
const { t } = useI18n()
const client = useQueryClient()
const ready = computed(() => [props.garment.name, props.garment.label].every((typed) => typed.trim()))
const { mutate, isPending } = useMutation<unknown, Problem>({
  mutationFn: () =>
    answer(
      api.PUT('/api/cloths/{id}', {
        params: { path: { id: crypto.randomUUID() } },
        body: { garment: props.garment, version: 0 },
      }),
    ),
  onSuccess: () => {
    message.success(t('garment.kept', { name: props.garment.name }))
    void touched(client, 'cloth')
  },
  onError: (problem) => message.error(problem.message),
})
</script>

<template>
  <a-button :disabled="!ready" :loading="isPending" @click="mutate()">{{ $t('garment.keepCloth') }}</a-button>
</template>
