<script setup lang="ts">
import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { refDebounced } from '@vueuse/core'
import { computed } from 'vue'
import LengthValue from '@/quantity/LengthValue.vue'
import { answer, api, type Schemas } from '@/api/client'

/** What a roster comes to: garments of each size, and letters to cut. */
const props = defineProps<{
  roster: Schemas['RosterEntryForm'][]
  sizesOnly?: boolean
  /** Lettering whose layout is made to each size. */
  layouts?: Schemas['DecorationForm'][]
}>()
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
    <table v-if="data.sizes.length && layouts?.length" class="rows layouts">
      <caption class="muted">
        {{
          $t('roster.layouts')
        }}
      </caption>
      <thead>
        <tr>
          <th>{{ $t('roster.size') }}</th>
          <th v-for="layout in layouts" :key="layout.id">{{ layout.description }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="{ what } in data.sizes" :key="what">
          <td>{{ what }}</td>
          <td v-for="layout in layouts" :key="layout.id">
            <LengthValue :millimetres="Math.round(layout.width * (data.scales[what] ?? 1))" /> ×
            <LengthValue :millimetres="Math.round(layout.height * (data.scales[what] ?? 1))" />
          </td>
        </tr>
      </tbody>
    </table>
    <p v-if="data.letters.length && !sizesOnly">
      <span class="muted">{{ $t('roster.byLetter') }}</span> {{ said(data.letters) }}
    </p>
  </div>
</template>

<style scoped>
caption {
  caption-side: top;
  text-align: left;
}
</style>
