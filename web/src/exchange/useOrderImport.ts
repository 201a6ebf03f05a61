import { ref } from 'vue'
import { answer, api, type Schemas } from '@/api/client'
import { asBody, BYTES, said, zone } from './file'

type Reading = Schemas['OrderReading']
type Progress = Schemas['ImportProgress']

/** Files above it are not even sent; the server refuses them too. */
const LARGEST = 5_000_000
const ASK_EVERY = 300

/** A table of orders on its way in: read first, then made into tickets, which can be stopped. */
export function useOrderImport(tooLarge: () => string) {
  const file = ref<File | null>(null)
  const reading = ref<Reading | null>(null)
  const progress = ref<Progress | null>(null)
  const busy = ref(false)
  const problem = ref('')

  async function read(chosen: File) {
    problem.value = ''
    progress.value = null
    if (chosen.size > LARGEST) {
      problem.value = tooLarge()
      return
    }
    busy.value = true
    try {
      reading.value = await answer(
        api.POST('/api/orders/reading', {
          params: { query: { zone: zone() } },
          body: asBody(chosen),
          ...BYTES,
        }),
      )
      file.value = chosen
    } catch (e) {
      problem.value = said(e)
    } finally {
      busy.value = false
    }
  }

  async function take() {
    if (!file.value) return
    const id = crypto.randomUUID()
    try {
      progress.value = await answer(
        api.PUT('/api/orders/imports/{id}', {
          params: { path: { id }, query: { zone: zone() } },
          body: asBody(file.value),
          ...BYTES,
        }),
      )
      while (progress.value?.state === 'RUNNING') {
        await new Promise((after) => setTimeout(after, ASK_EVERY))
        progress.value = await answer(api.GET('/api/orders/imports/{id}', { params: { path: { id } } }))
      }
    } catch (e) {
      problem.value = said(e)
    }
  }

  async function stop() {
    if (progress.value?.state !== 'RUNNING') return
    const { id } = progress.value
    await answer(api.DELETE('/api/orders/imports/{id}', { params: { path: { id } } }))
  }

  function close() {
    file.value = null
    reading.value = null
    progress.value = null
    problem.value = ''
  }

  return { reading, progress, busy, problem, read, take, stop, close }
}
