<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { answer, api, type GarmentForm, type Schemas } from '@/api/client'
import { touched } from '@/api/queries'
import ClothSwatch from '@/cloth/ClothSwatch.vue'
import RemoveButton from '@/form/RemoveButton.vue'
import { startWith } from '@/ticket/startWith'
import { capital } from '@/quantity/format'
import QueryState from '@/shell/QueryState.vue'
import { useVocabulary } from '@/speech/vocabulary'
import ClothForm from './ClothForm.vue'
import { useCloths } from '@/cloth/useCloths'

const router = useRouter()
const { title } = useVocabulary()
const { data, isPending, error, refetch } = useCloths()

const client = useQueryClient()
const changing = ref<{ cloth: Schemas['KnownCloth'] | null } | null>(null)
const remove = (id: string) => answer(api.DELETE('/api/cloths/{id}', { params: { path: { id } } }))

function kept() {
  changing.value = null
  void touched(client, 'cloth')
}

function use(garment: GarmentForm) {
  startWith(garment)
  void router.push({ name: 'new-ticket' })
}
</script>

<template>
  <main id="work" class="view">
    <div class="view-head">
      <h1>{{ $t('cloths.title') }}</h1>
      <span class="muted">{{ $t('cloths.intro') }}</span>
      <span class="actions">
        <a-button type="primary" size="large" @click="changing = { cloth: null }">{{
          $t('cloths.new')
        }}</a-button>
      </span>
    </div>
    <QueryState :loading="isPending" :error="error" @retry="refetch">
      <p v-if="!data?.items.length" class="sheet empty">{{ $t('cloths.none') }}</p>
      <div v-else class="sheet">
        <table class="rows">
          <thead>
            <tr>
              <th>{{ $t('cloths.columns.name') }}</th>
              <th>{{ $t('cloths.columns.label') }}</th>
              <th>{{ $t('cloths.columns.fabric') }}</th>
              <th>{{ $t('cloths.columns.sizes') }}</th>
              <th>{{ $t('cloths.columns.tried') }}</th>
              <th>
                <span class="visually-hidden">{{ $t('cloths.use') }}</span>
              </th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="cloth in data.items" :key="cloth.id">
              <td class="name">
                <ClothSwatch :depth="cloth.garment.depth" :hue="cloth.garment.hue" /> {{ cloth.name }}
              </td>
              <td>{{ cloth.garment.label }}</td>
              <td>
                {{ title('fabric', cloth.garment.fabric)
                }}<template v-if="cloth.garment.weight">, {{ cloth.garment.weight }} g/m²</template>
              </td>
              <td>{{ cloth.garment.sizes.join(', ') }}</td>
              <td>
                <span v-if="!cloth.tried.length" class="muted">{{ $t('cloths.untried') }}</span>
                <div v-for="tried in cloth.tried" :key="tried.medium">
                  {{
                    $t('cloths.result', {
                      medium: capital(tried.medium),
                      good: tried.good,
                      all: tried.good + tried.bad,
                    })
                  }}
                </div>
              </td>
              <td>
                <span class="row-actions">
                  <a-button size="small" type="primary" ghost @click="use(cloth.garment)">{{
                    $t('cloths.use')
                  }}</a-button>
                  <a-button
                    size="small"
                    :aria-label="$t('form.changeOf', { name: cloth.name })"
                    @click="changing = { cloth }"
                    >{{ $t('form.change') }}</a-button
                  >
                  <RemoveButton of="cloth" :name="cloth.name" :remove="() => remove(cloth.id)" />
                </span>
              </td>
            </tr>
          </tbody>
        </table>
      </div>
    </QueryState>
    <ClothForm v-if="changing" :cloth="changing.cloth" @kept="kept" @cancel="changing = null" />
  </main>
</template>

<style scoped>
.empty {
  padding: 20px;
}

.name svg {
  vertical-align: -4px;
}
</style>
