<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { useEventListener } from '@vueuse/core'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { answer, api } from '@/api/client'
import { allPicked, asBody, BYTES, said } from '@/exchange/file'
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
const others = ref<string[]>([])
const problem = ref('')
const { work, problem: refused, follow, stop } = useWork()
const percent = computed(() => Math.round((100 * (work.value?.done ?? 0)) / (work.value?.of || 1)))
const { data: shop, refetch } = useQuery({
  queryKey: ['art'],
  queryFn: () => answer(api.GET('/api/art', { params: { query: { size: 100 } } })),
})

/** The first is the art of this thing; the others lie with the art of the shop, to be taken for others. */
async function bring(files: File[]) {
  over.value = false
  problem.value = ''
  others.value = []
  const first = await bringOne(files[0])
  if (!first) return
  for (const file of files.slice(1)) {
    const art = await bringOne(file)
    if (!art) break
    others.value.push(art.name)
  }
  emit('art', first)
  void refetch()
}

async function bringOne(file: File | undefined): Promise<ArtView | null> {
  if (!file) return null
  if (file.size > LARGEST) {
    problem.value = t('cut.fileSays', { name: file.name, says: t('cut.tooLarge') })
    return null
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
  if (refused.value) problem.value = t('cut.fileSays', { name: file.name, says: refused.value })
  return brought?.art ?? null
}

/** Pasted files, or the text of a drawing; what is pasted into a field is for the field. */
function paste(event: ClipboardEvent) {
  if ((event.target as HTMLElement).closest('input, textarea, [contenteditable]')) return
  const files = [...(event.clipboardData?.files ?? [])]
  const text = event.clipboardData?.getData('text/plain').trim() ?? ''
  if (files.length) void bring(files)
  else if (/^<(\?xml|svg|!--)/.test(text)) {
    void bring([new File([text], t('cut.pasted'), { type: 'image/svg+xml' })])
  } else return
  event.preventDefault()
}
useEventListener(document, 'paste', paste)

/** Anywhere on the page: a drawing that misses the box is not opened in its place. */
const carried = (event: DragEvent) => [...(event.dataTransfer?.types ?? [])].includes('Files')
useEventListener(document, 'dragover', (event) => {
  if (!carried(event)) return
  event.preventDefault()
  over.value = true
})
useEventListener(document, 'dragleave', (event) => {
  if (event.relatedTarget === null) over.value = false
})
useEventListener(document, 'drop', (event) => {
  if (!carried(event)) return
  event.preventDefault()
  void bring([...(event.dataTransfer?.files ?? [])])
})

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
  <div class="art-in" :class="{ sheet: !again, over }">
    <p v-if="!again">{{ $t('cut.noArt') }}</p>
    <div class="ways">
      <a-button :type="again ? 'default' : 'primary'" :loading="busy" @click="picker?.click()">{{
        $t(again ? 'cut.otherArt' : 'cut.chooseArt')
      }}</a-button>
      <input
        ref="picker"
        type="file"
        accept=".svg,image/svg+xml"
        multiple
        class="visually-hidden"
        tabindex="-1"
        :aria-label="$t('cut.chooseArt')"
        @change="bring(allPicked($event))"
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
    <p v-if="others.length" role="status">{{ $t('cut.others', { names: others.join(', ') }) }}</p>
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
