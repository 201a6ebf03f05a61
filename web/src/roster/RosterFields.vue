<script setup lang="ts">
import { ref } from 'vue'
import { answer, api, type Schemas } from '@/api/client'
import { asBody, BYTES, picked, said } from '@/exchange/file'
import RosterCounts from './RosterCounts.vue'
import RosterPreview from './RosterPreview.vue'

/** Who gets the pieces: typed line by line, or read from a file. Nothing where all pieces are alike. */
type Entry = Schemas['RosterEntryForm']
const roster = defineModel<Entry[]>({ required: true })
defineProps<{
  /** Lettering that is made to each size. */
  layouts?: Schemas['DecorationForm'][]
}>()
const COLUMNS = [
  { key: 'name', max: 40 },
  { key: 'number', max: 6 },
  { key: 'size', max: 12 },
] as const
const tooLong = (text: string, max: number) => [...text].length > max
const reading = ref<Schemas['RosterReading'] | null>(null)
const problem = ref('')
const picker = ref<HTMLInputElement>()

function add() {
  roster.value = [...roster.value, { name: '', number: '', size: '' }]
}

function remove(at: number) {
  roster.value = roster.value.filter((_, n) => n !== at)
}

let reads = 0

/** Of two files the later one counts, whichever is read first. */
async function read(event: Event) {
  const file = picked(event)
  if (!file) return
  const mine = ++reads
  problem.value = ''
  try {
    const came = await answer(api.POST('/api/rosters/reading', { body: asBody(file), ...BYTES }))
    if (mine === reads) reading.value = came
  } catch (e) {
    problem.value = said(e)
  }
}

function take(entries: Entry[]) {
  roster.value = entries
  reading.value = null
}
</script>

<template>
  <section class="roster">
    <div class="heading">
      <h2>{{ $t('roster.title') }}</h2>
      <span class="actions">
        <a-button @click="picker?.click()">{{ $t('roster.file') }}</a-button>
        <a-button @click="add">{{ $t('roster.add') }}</a-button>
      </span>
    </div>
    <input
      ref="picker"
      type="file"
      class="visually-hidden"
      tabindex="-1"
      :aria-label="$t('roster.file')"
      @change="read"
    />
    <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
    <p v-if="!roster.length" class="muted">{{ $t('roster.none') }}</p>
    <template v-else>
      <table class="rows">
        <thead>
          <tr>
            <th></th>
            <th v-for="{ key } in COLUMNS" :key="key">{{ $t(`roster.${key}`) }}</th>
            <th>
              <span class="visually-hidden">{{ $t('form.remove') }}</span>
            </th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="(entry, n) in roster" :key="n">
            <td class="muted">{{ n + 1 }}</td>
            <td v-for="column in COLUMNS" :key="column.key">
              <a-input
                v-model:value="entry[column.key]"
                :status="tooLong(entry[column.key], column.max) ? 'error' : ''"
                :aria-label="`${$t(`roster.${column.key}`)} ${n + 1}`"
              />
              <p v-if="tooLong(entry[column.key], column.max)" role="alert" class="problem">
                {{ $t('form.tooLong', { max: column.max, n: [...entry[column.key]].length }) }}
              </p>
            </td>
            <td>
              <a-button
                size="small"
                :aria-label="$t('form.removeOf', { name: entry.name || String(n + 1) })"
                @click="remove(n)"
                >{{ $t('form.remove') }}</a-button
              >
            </td>
          </tr>
        </tbody>
      </table>
      <RosterCounts :roster="roster" :layouts="layouts" />
    </template>
    <RosterPreview v-if="reading" :reading="reading" @take="take" @cancel="reading = null" />
  </section>
</template>

<style scoped>
.roster {
  width: 100%;
}

.heading {
  display: flex;
  align-items: center;
  justify-content: space-between;
}

.actions {
  display: flex;
  gap: 10px;
}

.problem {
  color: var(--no);
}

td {
  padding: 2px 8px;
  vertical-align: middle;
}
</style>
