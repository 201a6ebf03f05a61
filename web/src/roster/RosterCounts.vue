<script setup lang="ts">
import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { refDebounced } from '@vueuse/core'
import { computed } from 'vue'
import { answer, api, type Schemas } from '@/api/client'

/** What a roster comes to: garments of each size, and letters to cut. */
const props = defineProps<{ roster: Schemas['RosterEntryForm'][]; sizesOnly?: boolean }>()
const settled = refDebounced(
  computed(() => JSON.stringify(props.roster)),
  250,
)
const { data } = useQuery({
  queryKey: ['roster-counts', settled],
  queryFn: () =>
    answer(
      api.POST('/api/rosters/counts', { body: JSON.parse(settled.value) as Schemas['RosterEntryForm'][] }),
    ),
  placeholderData: keepPreviousData,
  staleTime: Infinity,
})
const said = (counts: Schemas['Count'][]) => counts.map(({ what, n }) => `${what} × ${n}`).join(', ')
</script>

<template>
  <div v-if="data">
    <p v-if="data.sizes.length">
      <span class="muted">{{ $t('roster.bySize') }}</span> {{ said(data.sizes) }}
    </p>
    <p v-if="data.letters.length && !sizesOnly">
      <span class="muted">{{ $t('roster.byLetter') }}</span> {{ said(data.letters) }}
    </p>
  </div>
</template>
