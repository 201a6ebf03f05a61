<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { answer, api } from '@/api/client'
import { asBody, BYTES, picked, said } from '@/exchange/file'
import type { ArtView } from './designs'
import { useWork } from './useWork'

/** A drawing on its way in: from a file, or one that the shop has already. */
const emit = defineEmits<{ art: [art: ArtView] }>()
defineProps<{ again?: boolean }>()
/** Files above it are not even sent; the server refuses them too. */
const LARGEST = 10_000_000
const { t } = useI18n()
const picker = ref<HTMLInputElement>()
const busy = ref(false)
const over = ref(false)
const problem = ref('')
const { work, problem: refused, follow, stop } = useWork()
const percent = computed(() => Math.round((100 * (work.value?.done ?? 0)) / (work.value?.of || 1)))
const { data: shop, refetch } = useQuery({
  queryKey: ['art'],
  queryFn: () => answer(api.GET('/api/art', { params: { query: { size: 100 } } })),
})

async function bring(file: File | null | undefined) {
  over.value = false
  problem.value = ''
  if (!file) return
  if (file.size > LARGEST) {
    problem.value = t('cut.tooLarge')
    return
  }
  busy.value = true
  const brought = await follow((id) =>
    answer(
      api.PUT('/api/art/{id}', {
        params: { path: { id }, query: { name: file.name.slice(0, 200) } },
        body: asBody(file),
        ...BYTES,
      }),
    ),
  )
  busy.value = false
  if (brought?.art) emit('art', brought.art)
  problem.value = refused.value
  void refetch()
}

async function fetchArt(id: string) {
  busy.value = true
  problem.value = ''
  try {
    emit('art', await answer(api.GET('/api/art/{id}', { params: { path: { id } } })))
  } catch (e) {
    problem.value = said(e)
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <div
    class="art-in"
    :class="{ sheet: !again, over }"
    @dragover.prevent="over = true"
    @dragleave="over = false"
    @drop.prevent="bring($event.dataTransfer?.files[0])"
  >
    <p v-if="!again">{{ $t('cut.noArt') }}</p>
    <div class="ways">
      <a-button :type="again ? 'default' : 'primary'" :loading="busy" @click="picker?.click()">{{
        $t(again ? 'cut.otherArt' : 'cut.chooseArt')
      }}</a-button>
      <input
        ref="picker"
        type="file"
        accept=".svg,image/svg+xml"
        class="visually-hidden"
        tabindex="-1"
        :aria-label="$t('cut.chooseArt')"
        @change="bring(picked($event))"
      />
      <a-select
        v-if="shop?.items.length"
        id="art-of-shop"
        class="shop"
        :value="undefined"
        :placeholder="$t('cut.fromShop')"
        :aria-label="$t('cut.fromShop')"
        :options="shop.items.map(({ id, name }) => ({ value: id, label: name }))"
        show-search
        option-filter-prop="label"
        @select="(id: unknown) => fetchArt(id as string)"
      />
    </div>
    <div v-if="work?.state === 'RUNNING'" class="ways">
      <a-progress :percent="percent" class="progress" :aria-label="$t('cut.bringing')" />
      <a-button danger @click="stop">{{ $t('cut.stop') }}</a-button>
    </div>
    <p v-else-if="work?.state === 'CANCELLED'" role="status">{{ $t('cut.stopped') }}</p>
    <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
  </div>
</template>

<style scoped>
.sheet {
  display: grid;
  gap: 12px;
  margin: 12px 0;
  padding: 20px;
  border-style: dashed;
}

.over {
  border-color: var(--chosen);
  background: var(--tight-ground);
}

.ways {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 12px;
}

.progress {
  flex: 1;
  min-width: 160px;
}

.shop {
  min-width: 220px;
}

.problem {
  padding-top: 6px;
  color: var(--no);
}
</style>
