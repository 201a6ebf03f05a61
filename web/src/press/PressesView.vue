<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRouter } from 'vue-router'
import { answer, api, type Schemas } from '@/api/client'
import { touched } from '@/api/queries'
import RemoveButton from '@/form/RemoveButton.vue'
import { day } from '@/quantity/when'
import LengthValue from '@/quantity/LengthValue.vue'
import { useUnits } from '@/quantity/units'
import QueryState from '@/shell/QueryState.vue'
import { useVocabulary } from '@/speech/vocabulary'
import { difference } from './display'
import MeasureDialog from './MeasureDialog.vue'
import PressForm from './PressForm.vue'
import WorkroomForm from './WorkroomForm.vue'
import { usePresses } from './usePresses'

const { t } = useI18n()
const router = useRouter()
const client = useQueryClient()
const { title, word } = useVocabulary()
const { temperature } = useUnits()
const { data, isPending, error, refetch } = usePresses()
const { data: workroom } = useQuery({
  queryKey: ['workroom'],
  queryFn: () => answer(api.GET('/api/workroom')),
})
const changing = ref<{ id: string; view: Schemas['PressView'] | null } | null>(null)

const measuring = ref<Schemas['PressView'] | null>(null)

/** What it can do, in words: force at its scale, cladding, what the work lies on, tips from small to large. */
function gives(press: Schemas['Press']): string[] {
  const size = (tip: string) => Number(tip.replace('SS', ''))
  const force = press.closing && t('presses.force', { n: press.closing.newtons, marks: press.closing.scale })
  const tips = [...press.tips].sort((a, b) => size(a) - size(b))
  const lies = t('presses.liesOn', { what: word('pad', press.lower) })
  return [force, press.cladInPtfe && t('presses.isClad'), lies, ...tips].filter(
    (said) => typeof said === 'string',
  )
}

const remove = (id: string) => answer(api.DELETE('/api/presses/{id}', { params: { path: { id } } }))

function kept() {
  changing.value = null
  measuring.value = null
  void touched(client, 'press')
}
</script>

<template>
  <main id="work" class="view">
    <div class="view-head">
      <h1>{{ $t('presses.title') }}</h1>
      <span class="muted">{{ $t('presses.intro') }}</span>
      <span class="actions">
        <a-button size="large" @click="router.push({ name: 'practice' })">
          {{ $t('practice.link') }}
        </a-button>
        <a-button size="large" @click="router.push({ name: 'how-we-work' })">
          {{ $t('schools.title') }}
        </a-button>
        <a-button type="primary" size="large" @click="changing = { id: '', view: null }">
          {{ $t('presses.new') }}
        </a-button>
      </span>
    </div>
    <QueryState :loading="isPending" :error="error" @retry="refetch">
      <div class="sheet">
        <table class="rows">
          <thead>
            <tr>
              <th>{{ $t('presses.columns.name') }}</th>
              <th>{{ $t('presses.columns.kind') }}</th>
              <th>{{ $t('presses.columns.platen') }}</th>
              <th>{{ $t('presses.columns.gives') }}</th>
              <th>{{ $t('presses.columns.display') }}</th>
              <th>
                <span class="visually-hidden">{{ $t('form.change') }}</span>
              </th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="item in data?.items ?? []" :key="item.id">
              <td class="name">{{ item.press.name }}</td>
              <td>{{ title('press', item.press.kind) }}</td>
              <td>
                <LengthValue :millimetres="item.press.platenWidth" /> ×
                <LengthValue :millimetres="item.press.platenDepth" />
              </td>
              <td>
                {{ gives(item.press).join(', ') }}
              </td>
              <td>
                {{ difference(item.press.calibration, temperature, $t) }}
                <span v-if="item.press.calibration.on" class="on" :class="{ old: item.measuredLongAgo }">
                  {{
                    $t(item.measuredLongAgo ? 'presses.longAgo' : 'presses.on', {
                      when: day(item.press.calibration.on),
                    })
                  }}
                </span>
              </td>
              <td>
                <span class="row-actions">
                  <a-button
                    v-if="item.press.kind !== 'WAND'"
                    size="small"
                    :aria-label="$t('measure.title', { press: item.press.name })"
                    @click="measuring = item"
                    >{{ $t('measure.open') }}</a-button
                  >
                  <a-button
                    size="small"
                    :aria-label="$t('form.changeOf', { name: item.press.name })"
                    @click="changing = { id: item.id, view: item }"
                    >{{ $t('form.change') }}</a-button
                  >
                  <RemoveButton of="press" :name="item.press.name" :remove="() => remove(item.id)" />
                </span>
              </td>
            </tr>
          </tbody>
        </table>
      </div>
    </QueryState>
    <WorkroomForm v-if="workroom" :workroom="workroom" @kept="kept" />
    <MeasureDialog v-if="measuring" :press="measuring" @kept="kept" @cancel="measuring = null" />
    <PressForm v-if="changing" :press="changing.view" @kept="kept" @cancel="changing = null" />
  </main>
</template>

<style scoped>
.on {
  display: block;
  color: var(--muted);
  font-size: var(--type-fine);
}

.old {
  color: var(--tight);
  font-weight: 600;
}
</style>
