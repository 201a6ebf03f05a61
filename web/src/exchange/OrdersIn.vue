<script setup lang="ts">
import { touched } from '@/api/queries'
import { useQueryClient } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { picked } from './file'
import { useOrderImport } from './useOrderImport'

/** Orders from a table: what it holds, what is wrong with which line, and the way in. */
const { t } = useI18n()
const client = useQueryClient()
const picker = ref<HTMLInputElement>()
const { reading, progress, busy, problem, read, take, stop, close } = useOrderImport(() =>
  t('exchange.tooLarge'),
)
const running = computed(() => progress.value?.state === 'RUNNING')
const done = computed(() => progress.value?.state === 'DONE')
const percent = computed(() =>
  progress.value?.of ? Math.round((100 * progress.value.done) / progress.value.of) : 0,
)

function choose(event: Event) {
  const file = picked(event)
  if (file) void read(file)
}

async function makeTickets() {
  await take()
  await touched(client, 'ticket')
}
</script>

<template>
  <span>
    <a-button :loading="busy" @click="picker?.click()">{{ $t('exchange.ordersIn') }}</a-button>
    <input
      ref="picker"
      type="file"
      class="visually-hidden"
      tabindex="-1"
      :aria-label="$t('exchange.ordersIn')"
      @change="choose"
    />
    <p v-if="problem && !reading" role="alert" class="problem">{{ problem }}</p>
    <a-modal
      v-if="reading"
      open
      width="900px"
      :title="$t('exchange.holds', { good: reading.good, bad: reading.bad })"
      :closable="!running"
      :mask-closable="false"
      :keyboard="!running"
      @cancel="close"
    >
      <p class="muted">
        {{ $t('exchange.readAs', { encoding: reading.encoding, separator: reading.separator }) }}
      </p>
      <div v-if="progress" class="progress" role="status">
        <a-progress :percent="done ? 100 : percent" :status="progress.problem ? 'exception' : undefined" />
        <p>
          {{
            progress.problem ??
            $t(`exchange.${progress.state}`, { done: progress.done, of: progress.of, left: progress.left })
          }}
        </p>
      </div>
      <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
      <div class="scroll" tabindex="0" role="region" :aria-label="$t('exchange.lines')">
        <table class="rows">
          <thead>
            <tr>
              <th>{{ $t('roster.line') }}</th>
              <th>{{ $t('exchange.order') }}</th>
              <th>{{ $t('exchange.garment') }}</th>
              <th>{{ $t('exchange.art') }}</th>
              <th>{{ $t('exchange.pieces') }}</th>
              <th>{{ $t('exchange.due') }}</th>
            </tr>
          </thead>
          <tbody>
            <template v-for="row in reading.rows" :key="row.line">
              <tr :class="{ wrong: row.wrong.length }">
                <td>{{ row.line }}</td>
                <td>{{ row.customer }} {{ row.title }}</td>
                <td>{{ row.garment }}</td>
                <td>{{ row.art }}</td>
                <td>{{ row.pieces }}</td>
                <td>{{ row.due }}</td>
              </tr>
              <tr v-if="row.wrong.length" class="wrong">
                <td />
                <td colspan="5" class="why">{{ row.wrong.join('. ') }}.</td>
              </tr>
            </template>
          </tbody>
        </table>
        <p v-if="reading.good + reading.bad > reading.rows.length" class="muted">
          {{ $t('exchange.more', { n: reading.good + reading.bad - reading.rows.length }) }}
        </p>
      </div>
      <template #footer>
        <a-button v-if="running" danger @click="stop">{{ $t('exchange.stop') }}</a-button>
        <template v-else>
          <a-button @click="close">{{ $t(done ? 'keys.closed' : 'cancel') }}</a-button>
          <a-button v-if="!done" type="primary" :disabled="!reading.good" @click="makeTickets">{{
            $t('exchange.take', { n: reading.good }, reading.good)
          }}</a-button>
        </template>
      </template>
    </a-modal>
  </span>
</template>

<style scoped>
.scroll {
  overflow: auto;
  max-height: 46vh;
}

.wrong {
  background: var(--no-ground);
}

.why {
  color: var(--no);
  font-size: var(--type-note);
}

.progress {
  padding-bottom: 10px;
}

.problem {
  color: var(--no);
}
</style>
