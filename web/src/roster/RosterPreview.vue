<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/api/client'

/** What a file holds, before anything of it is taken; each bad line says why. */
type Entry = Schemas['RosterEntryForm']
const props = defineProps<{ reading: Schemas['RosterReading'] }>()
const emit = defineEmits<{ take: [entries: Entry[]]; cancel: [] }>()
const bad = computed(() => props.reading.rows.filter(({ wrong }) => wrong))
const good = computed(() => props.reading.rows.filter(({ wrong }) => !wrong))
/** Enough to see that the columns are right. */
const SHOWN = 8
const take = () =>
  emit(
    'take',
    good.value.map(({ name, number, size }) => ({ name, number, size })),
  )
</script>

<template>
  <a-modal
    open
    width="640px"
    :title="$t('roster.holds', { good: reading.good, bad: bad.length })"
    :ok-text="$t('roster.take', { n: reading.good })"
    :ok-button-props="{ disabled: !reading.good }"
    :cancel-text="$t('cancel')"
    @ok="take"
    @cancel="$emit('cancel')"
  >
    <table class="rows">
      <thead>
        <tr>
          <th>{{ $t('roster.line') }}</th>
          <th>{{ $t('roster.name') }}</th>
          <th>{{ $t('roster.number') }}</th>
          <th>{{ $t('roster.size') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in bad" :key="row.line" class="wrong">
          <td>{{ row.line }}</td>
          <td>
            {{ row.name }}
            <div class="why">{{ row.wrong }}</div>
          </td>
          <td>{{ row.number }}</td>
          <td>{{ row.size }}</td>
        </tr>
        <tr v-for="row in good.slice(0, SHOWN)" :key="row.line">
          <td>{{ row.line }}</td>
          <td>{{ row.name }}</td>
          <td>{{ row.number }}</td>
          <td>{{ row.size }}</td>
        </tr>
      </tbody>
    </table>
    <p v-if="good.length > SHOWN" class="muted">{{ $t('roster.more', { n: good.length - SHOWN }) }}</p>
  </a-modal>
</template>

<style scoped>
.wrong {
  background: var(--no-ground);
}

.why {
  color: var(--no);
  font-size: var(--type-fine);
}
</style>
