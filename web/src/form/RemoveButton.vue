<script setup lang="ts">
import { useMutation, useQueryClient } from '@tanstack/vue-query'
import type { Problem } from '@/api/client'
import { touched } from '@/api/queries'
import { useMessage } from '@/shell/useMessage'

/** Takes something away, after asking. */
const props = defineProps<{
  name: string
  /** What kind of thing it is, which tells what has to be asked for again. */
  of: 'cloth' | 'material' | 'press'
  remove: () => Promise<unknown>
}>()
const message = useMessage()
const client = useQueryClient()
const { mutate, isPending } = useMutation<unknown, Problem>({
  mutationFn: () => props.remove(),
  onSuccess: () => touched(client, props.of),
  onError: (problem) => message.error(problem.message),
})
</script>

<template>
  <a-popconfirm
    :title="$t('form.removeSure', { name })"
    :ok-text="$t('form.remove')"
    :cancel-text="$t('cancel')"
    placement="topRight"
    @confirm="mutate()"
  >
    <a-button size="small" :loading="isPending" :aria-label="$t('form.removeOf', { name })">{{
      $t('form.remove')
    }}</a-button>
  </a-popconfirm>
</template>
