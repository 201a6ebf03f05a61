import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { nextTick, ref } from 'vue'
import { mounted } from '@/testing/mounted'
import type { CutForm } from './designs'
import { useCutting } from './useCutting'

const view = (version: number, kerf = 0) => ({
  form: { designs: [], lay: { kerf }, version } as unknown as CutForm,
  layout: null,
  arts: [],
})

/** A server that takes its time, and refuses what names an older version. */
function slowServer() {
  const sent: CutForm[] = []
  const answers: (() => void)[] = []
  let version = 0
  vi.stubGlobal('fetch', async (request: Request) => {
    const form = (await request.json()) as CutForm
    sent.push(form)
    await new Promise<void>((resolve) => answers.push(resolve))
    const stale = form.version !== version
    if (!stale) version++
    return new Response(
      JSON.stringify(stale ? { status: 409 } : { ...view(version), form: { ...form, version } }),
      {
        status: stale ? 409 : 200,
        headers: { 'Content-Type': stale ? 'application/problem+json' : 'application/json' },
      },
    )
  })
  return { sent, answer: async () => (answers.shift()!(), await vi.advanceTimersByTimeAsync(1)) }
}

beforeEach(() => vi.useFakeTimers())
afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

describe('what is chosen at Cut', () => {
  it('is sent one change after the other, however slow the server, so that none is refused', async () => {
    const { sent, answer } = slowServer()
    let cutting!: ReturnType<typeof useCutting>
    const Station = {
      setup() {
        cutting = useCutting(ref('t'), ref([]))
        return () => null
      },
    }
    mounted(Station, {}, [[['cutting', 't', 'celsius,mm'], view(0)]])
    const choose = (kerf: number) =>
      cutting.change({ ...cutting.form.value!, lay: { ...cutting.form.value!.lay, kerf } as CutForm['lay'] })
    choose(1)
    await vi.advanceTimersByTimeAsync(400)
    choose(2)
    await vi.advanceTimersByTimeAsync(400)
    expect(sent).toHaveLength(1)
    await answer()
    await vi.advanceTimersByTimeAsync(400)
    expect(sent.map(({ version }) => version)).toEqual([0, 1])
    await answer()
    await nextTick()
    expect(cutting.problem.value).toBe('')
    expect(cutting.unsaved.value).toBe(false)
    expect(cutting.form.value).toMatchObject({ version: 2, lay: { kerf: 2 } })
  })
  it('is laid over what another tab chose, and sent again', async () => {
    const sent: CutForm[] = []
    vi.stubGlobal('fetch', async (request: Request) => {
      const theirs = { ...view(5), form: { ...view(5).form, designs: [{ decoration: 'a' }] } }
      if (request.method === 'GET') return Response.json(theirs)
      const form = (await request.json()) as CutForm
      sent.push(form)
      if (form.version === 5) return Response.json({ ...theirs, form: { ...form, version: 6 } })
      return new Response(JSON.stringify({ type: 'urn:velvet-kettle:problem:stale', detail: 'Changed.' }), {
        status: 409,
        headers: { 'Content-Type': 'application/problem+json' },
      })
    })
    let cutting!: ReturnType<typeof useCutting>
    const Station = {
      setup() {
        cutting = useCutting(ref('t'), ref(['a']))
        return () => null
      },
    }
    mounted(Station, {}, [[['cutting', 't', 'celsius,mm'], view(0)]])
    cutting.change({ ...cutting.form.value!, lay: { kerf: 3 } as unknown as CutForm['lay'] })
    await vi.advanceTimersByTimeAsync(2000)
    expect(sent.map(({ version }) => version)).toEqual([0, 5])
    expect(sent[1]).toMatchObject({ lay: { kerf: 3 }, designs: [{ decoration: 'a' }] })
    expect(cutting.unsaved.value).toBe(false)
    expect(cutting.problem.value).toBe('')
  })
})
