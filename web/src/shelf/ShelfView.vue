<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { answer, api, type Schemas } from '@/api/client'
import { touched } from '@/api/queries'
import RemoveButton from '@/form/RemoveButton.vue'
import { capital, lengthIn } from '@/quantity/format'
import LengthValue from '@/quantity/LengthValue.vue'
import TemperatureValue from '@/quantity/TemperatureValue.vue'
import TimeValue from '@/quantity/TimeValue.vue'
import { useUnits } from '@/quantity/units'
import QueryState from '@/shell/QueryState.vue'
import { useVocabulary } from '@/speech/vocabulary'
import MaterialForm from './MaterialForm.vue'
import { useMaterials } from './useMaterials'

const { length } = useUnits()
const { word } = useVocabulary()
const { t } = useI18n()
const { data, isPending, error, refetch } = useMaterials()
const client = useQueryClient()
const changing = ref<{ view: Schemas['MaterialView'] | null } | null>(null)

const remove = (id: string) => answer(api.DELETE('/api/materials/{id}', { params: { path: { id } } }))

function kept() {
  changing.value = null
  void touched(client, 'material')
}

const silent = (sheet: Schemas['InstructionSheet']) =>
  !sheet.temperature && !sheet.time && !sheet.pressure && !sheet.peel && !sheet.cover && !sheet.cutter
const cutter = (setting: Schemas['CutterSetting']) =>
  [
    setting.force && `${setting.force} g`,
    setting.depth && t('shelf.cutterDepth', { n: setting.depth }),
    setting.speed && `${setting.speed} mm/s`,
    setting.passes && t('shelf.cutterPasses', { n: setting.passes }),
    setting.blade,
  ]
    .filter(Boolean)
    .join(', ')
const size = (remnant: Schemas['Remnant']) =>
  `${lengthIn(remnant.width, length.value)} × ${lengthIn(remnant.length, length.value)}`
</script>

<template>
  <main id="work" class="view">
    <div class="view-head">
      <h1>{{ $t('shelf.title') }}</h1>
      <span class="muted">{{ $t('shelf.intro') }}</span>
      <span class="actions">
        <a-button type="primary" size="large" @click="changing = { view: null }">{{
          $t('shelf.new')
        }}</a-button>
      </span>
    </div>
    <QueryState :loading="isPending" :error="error" @retry="refetch">
      <p v-if="!data?.items.length" class="sheet empty">{{ $t('shelf.none') }}</p>
      <div v-else class="sheet">
        <table class="rows">
          <thead>
            <tr>
              <th>{{ $t('shelf.columns.name') }}</th>
              <th>{{ $t('shelf.columns.medium') }}</th>
              <th>{{ $t('shelf.columns.colour') }}</th>
              <th>{{ $t('shelf.columns.sheet') }}</th>
              <th>{{ $t('shelf.columns.left') }}</th>
              <th>{{ $t('shelf.columns.remnants') }}, {{ length }}</th>
              <th>
                <span class="visually-hidden">{{ $t('form.change') }}</span>
              </th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="item in data.items" :key="item.id">
              <td class="name">{{ item.material.name }}</td>
              <td>{{ capital(item.mediumName) }}</td>
              <td>{{ item.material.colour }}</td>
              <td>
                <span v-if="silent(item.material.sheet)" class="muted">{{ $t('shelf.silent') }}</span>
                <span v-else class="sheet-says">
                  <span v-if="item.material.sheet.temperature">
                    <TemperatureValue :celsius="item.material.sheet.temperature.low" short /> –
                    <TemperatureValue :celsius="item.material.sheet.temperature.high" />
                  </span>
                  <span v-if="item.material.sheet.time">
                    <TimeValue :seconds="item.material.sheet.time.low" /> –
                    <TimeValue :seconds="item.material.sheet.time.high" />
                  </span>
                  <span v-if="item.material.sheet.pressure">{{
                    word('pressure', item.material.sheet.pressure)
                  }}</span>
                  <span v-if="item.material.sheet.peel">{{
                    $t('quantity.peel', { how: word('peel', item.material.sheet.peel) })
                  }}</span>
                  <span v-if="item.material.sheet.cover">{{ word('cover', item.material.sheet.cover) }}</span>
                  <span v-if="item.material.sheet.cutter" class="muted">{{
                    cutter(item.material.sheet.cutter)
                  }}</span>
                </span>
              </td>
              <td>
                <LengthValue
                  v-if="item.material.rollWidthMillimetres > 0"
                  :millimetres="item.material.leftMillimetres"
                />
                <span v-else>{{ $t('shelf.sheets', { n: item.material.leftMillimetres }) }}</span>
              </td>
              <td class="muted">{{ item.material.remnants.map(size).join(', ') }}</td>
              <td>
                <span class="row-actions">
                  <a-button
                    size="small"
                    :aria-label="$t('form.changeOf', { name: item.material.name })"
                    @click="changing = { view: item }"
                    >{{ $t('form.change') }}</a-button
                  >
                  <RemoveButton of="material" :name="item.material.name" :remove="() => remove(item.id)" />
                </span>
              </td>
            </tr>
          </tbody>
        </table>
      </div>
    </QueryState>
    <MaterialForm v-if="changing" :material="changing.view" @kept="kept" @cancel="changing = null" />
  </main>
</template>

<style scoped>
.empty {
  padding: 20px;
}

.sheet-says {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 16px;
}
</style>
