import { ref, shallowRef } from 'vue'
import { answer, api, type Schemas } from '@/api/client'
import { said } from '@/exchange/file'

export type Work = Schemas['CutWork']

const ASK_EVERY = 200

/** Work on the server that is followed to its end, one at a time: what is begun ends what ran before. */
export function useWork() {
  const work = shallowRef<Work | null>(null)
  const problem = ref('')
  let latest = ''

  async function stop() {
    const running = work.value?.state === 'RUNNING' ? work.value.id : null
    if (running)
      await answer(api.DELETE('/api/cutting/works/{work}', { params: { path: { work: running } } }))
  }

  /** The work when it has ended; null where it went wrong, or another was begun meanwhile. */
  async function follow(begin: (id: string) => Promise<Work>): Promise<Work | null> {
    const id = crypto.randomUUID()
    latest = id
    problem.value = ''
    try {
      await stop()
      let now = await begin(id)
      while (now.state === 'RUNNING' && latest === id) {
        work.value = now
        await new Promise((after) => setTimeout(after, ASK_EVERY))
        now = await answer(api.GET('/api/cutting/works/{work}', { params: { path: { work: id } } }))
      }
      if (latest !== id) return null
      work.value = now
      problem.value = now.problem ?? ''
      return now.state === 'DONE' ? now : null
    } catch (e) {
      if (latest === id) {
        problem.value = said(e)
        work.value = null
      }
      return null
    }
  }

  return { work, problem, follow, stop }
}
