<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { answer, api } from '@/api/client'
import { unitsKey } from '@/quantity/units'
import QueryState from '@/shell/QueryState.vue'
import { useVocabulary } from '@/speech/vocabulary'

const { word } = useVocabulary()
const { data, isPending, error, refetch } = useQuery({
  queryKey: ['certainty', unitsKey],
  queryFn: () => answer(api.GET('/api/heat/certainty')),
  staleTime: Infinity,
})
const BASES = ['HANDBOOK', 'ESTIMATE', 'FITTED'] as const
const groups = computed(() =>
  BASES.map((basis) => ({
    basis,
    facts: (data.value?.facts ?? []).filter((fact) => fact.basis === basis),
  })),
)
const agreeing = computed(() => data.value?.practice.filter((row) => row.agrees).length ?? 0)
</script>

<template>
  <main id="work" class="view">
    <div class="view-head">
      <h1>{{ $t('sure.title') }}</h1>
      <span class="muted">{{ $t('sure.intro') }}</span>
    </div>
    <QueryState :loading="isPending" :error="error" @retry="refetch">
      <div v-if="data" class="page">
        <section class="sheet block">
          <h2>{{ $t('sure.bands') }}</h2>
          <ul>
            <li v-for="band in data.bands" :key="band">{{ band }}</li>
          </ul>
        </section>
        <section class="sheet block">
          <h2>{{ $t('sure.leftOut') }}</h2>
          <ul>
            <li v-for="left in data.leftOut" :key="left">{{ left }}</li>
          </ul>
        </section>
        <section class="sheet block wide">
          <h2>{{ $t('sure.practice') }}</h2>
          <p class="muted">{{ $t('sure.practiceNote', { n: agreeing, of: data.practice.length }) }}</p>
          <table class="rows">
            <thead>
              <tr>
                <th>{{ $t('sure.setting') }}</th>
                <th>{{ $t('sure.makers') }}</th>
                <th>{{ $t('sure.computed') }}</th>
                <th>{{ $t('sure.agrees') }}</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="(row, n) in data.practice" :key="n">
                <td>{{ row.setting }}</td>
                <td>{{ row.practice }}</td>
                <td>{{ row.predicted }}</td>
                <td :class="row.agrees ? 'yes' : 'no'">{{ $t(row.agrees ? 'sure.yes' : 'sure.no') }}</td>
              </tr>
            </tbody>
          </table>
        </section>
        <section v-for="group in groups" :key="group.basis" class="sheet block wide">
          <h2>{{ $t(`sure.basis.${group.basis}`) }}</h2>
          <p class="muted">{{ $t(`sure.basisNote.${group.basis}`) }}</p>
          <ul>
            <li v-for="fact in group.facts" :key="fact.says">
              <span class="visually-hidden">{{ word('basis', fact.basis) }}:</span> {{ fact.says }}
            </li>
          </ul>
        </section>
      </div>
    </QueryState>
  </main>
</template>

<style scoped>
.page {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 14px;
}

.block {
  padding: 14px 20px;
}

.wide {
  grid-column: 1 / -1;
}

h2 {
  padding-bottom: 6px;
}

li {
  padding: 2px 0;
}

.rows td {
  padding: 6px 12px;
  font-size: var(--type-note);
}

.rows {
  margin-top: 8px;
}

.yes {
  color: var(--safe);
  font-weight: 600;
}

.no {
  color: var(--no);
  font-weight: 600;
}

@media (max-width: 899px) {
  .page {
    grid-template-columns: 1fr;
  }
}
</style>
