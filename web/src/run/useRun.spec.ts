import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { after, BEGUN, inHand, pieceAt, type Progress, type Report } from './progress'
import { useRun } from './useRun'

interface Sent {
  url: string
  body: Report[]
}

let sent: Sent[] = []
let answers = true
let refuses = ''

const progress = BEGUN
/** As the application has it. */
let there = { progress: BEGUN, reported: 0 }

beforeEach(() => {
  localStorage.clear()
  sent = []
  answers = true
  refuses = ''
  there = { progress: BEGUN, reported: 0 }
  vi.stubGlobal(
    'fetch',
    vi.fn(async (request: Request) => {
      if (!answers) throw new TypeError('no answer')
      const text = await request.clone().text()
      if (request.url.endsWith('/events') && refuses) {
        return new Response(JSON.stringify({ detail: refuses }), {
          status: 404,
          headers: { 'content-type': 'application/problem+json' },
        })
      }
      if (request.url.endsWith('/events')) {
        const body = JSON.parse(text) as Report[]
        sent.push({ url: request.url, body })
        there = {
          progress: body.reduce((now: Progress, one) => after(now, one, 3), there.progress),
          reported: there.reported + body.length,
        }
      }
      return new Response(JSON.stringify(there), {
        headers: { 'content-type': 'application/json' },
      })
    }),
  )
})

const step = (now: Progress) => pieceAt(now, inHand(now)).step

function run() {
  let inside!: ReturnType<typeof useRun>
  mount({
    setup() {
      inside = useRun('run-1', 'plan-1', 3)
      return () => null
    },
  })
  return inside
}

describe('the clock of a tablet', () => {
  it('may be set while a run goes on: reports are told again in the time of the application', async () => {
    const server = Date.parse('2026-11-29T10:00:00Z')
    const bodies: { id: string; at: string }[][] = []
    vi.useFakeTimers({ now: server, toFake: ['Date'] })
    vi.stubGlobal(
      'fetch',
      vi.fn(async (request: Request) => {
        const headers = { 'content-type': 'application/json', Date: new Date(server).toUTCString() }
        if (!request.url.endsWith('/events'))
          return new Response(JSON.stringify({ progress, startedAt: '2026-11-29T09:59:00Z' }), { headers })
        const body = JSON.parse(await request.clone().text()) as { id: string; at: string }[]
        bodies.push(body)
        const ahead = body.some(({ at }) => Date.parse(at) > server + 60_000)
        return new Response(JSON.stringify(ahead ? { detail: 'Ahead.' } : { progress }), {
          headers,
          status: ahead ? 422 : 200,
        })
      }),
    )
    const r = run()
    await r.open()
    vi.setSystemTime(server + 300_000)
    r.report('STEP_DONE', { step: 1 })
    await vi.waitFor(() => expect(bodies).toHaveLength(2))
    expect(bodies[1]![0]!.id).toBe(bodies[0]![0]!.id)
    expect(Math.abs(Date.parse(bodies[1]![0]!.at) - server)).toBeLessThan(1000)
    expect(r.problem.value).toBeNull()
    vi.useRealTimers()
  })
})

describe('a run at the press', () => {
  it('reports what happens, once, in its order', async () => {
    const r = run()
    await r.open()
    r.report('STEP_DONE', { step: 1 })
    r.report('STEP_DONE', { step: 2 })
    expect(r.waiting.value).toBe(0)
    await vi.waitFor(() => expect(sent).toHaveLength(2))
    expect(sent.flatMap((s) => s.body.map((e) => e.kind))).toEqual(['STEP_DONE', 'STEP_DONE'])
    expect(new Set(sent.flatMap((s) => s.body.map((e) => e.id))).size).toBe(2)
    expect(step(r.progress.value)).toBe(3)
  })

  it('goes on without the application, and sends what was kept when it answers again', async () => {
    const r = run()
    await r.open()
    answers = false
    r.report('STEP_DONE', { step: 1 })
    await flushPromises()
    expect(step(r.progress.value)).toBe(2)
    expect(r.waiting.value).toBe(1)
    answers = true
    await r.send()
    expect(r.waiting.value).toBe(0)
    expect(sent).toHaveLength(1)
  })

  it('says why a report is refused, keeps it, and goes on once it is taken', async () => {
    const r = run()
    await r.open()
    refuses = 'There is no such run.'
    r.report('STEP_DONE', { step: 1 })
    await flushPromises()
    expect(r.problem.value?.message).toBe('There is no such run.')
    expect(r.waiting.value).toBe(1)
    refuses = ''
    await r.send()
    expect(r.problem.value).toBeNull()
    expect(sent).toHaveLength(1)
  })

  it('says that reports stay here where no answer comes for long', async () => {
    vi.useFakeTimers()
    const r = run()
    await r.open()
    vi.stubGlobal('fetch', () => new Promise(() => undefined))
    r.report('STEP_DONE', { step: 1 })
    await vi.advanceTimersByTimeAsync(1_000)
    expect(r.waiting.value).toBe(0)
    await vi.advanceTimersByTimeAsync(4_000)
    expect(r.waiting.value).toBe(1)
    vi.useRealTimers()
  })

  it('lays what was not sent on top of what the server knows after a reload', async () => {
    const before = run()
    await before.open()
    answers = false
    before.report('STEP_DONE', { step: 1 })
    await flushPromises()
    answers = true
    const reloaded = run()
    await reloaded.open()
    expect(step(reloaded.progress.value)).toBe(2)
  })

  it('says so when the application does not answer at all', async () => {
    answers = false
    const r = run()
    await r.open()
    expect(r.ready.value).toBe(false)
    expect(r.problem.value?.offline).toBe(true)
  })

  it('is told by the application what another screen did, and passes older news over', async () => {
    const streams: { heard?: (event: { data: string }) => void; closed: boolean }[] = []
    class Stream {
      static readonly CLOSED = 2
      readyState = 1
      private told = { heard: undefined as ((event: { data: string }) => void) | undefined, closed: false }
      constructor() {
        streams.push(this.told)
      }
      addEventListener(_: string, heard: (event: { data: string }) => void) {
        this.told.heard = heard
      }
      close() {
        this.told.closed = true
      }
    }
    vi.stubGlobal('EventSource', Stream)
    const r = run()
    await r.open()
    const timer = { startedAt: '2026-05-04T09:00:00Z', seconds: 15, pausedAt: null, pausedFor: 0 }
    const taken = { ...BEGUN, pieces: [{ piece: 1, step: 3, timer }], screen: 'another' }
    streams[0]!.heard!({ data: JSON.stringify({ progress: taken, reported: 5 }) })
    expect([step(r.progress.value), r.elsewhere.value]).toEqual([3, true])
    streams[0]!.heard!({ data: JSON.stringify({ progress: BEGUN, reported: 4 }) })
    expect(step(r.progress.value)).toBe(3)
    there = { progress: taken, reported: 5 }
    r.takeOver()
    expect(r.elsewhere.value).toBe(false)
    await vi.waitFor(() => expect(there.reported).toBe(6))
    await flushPromises()
    // Kept there, but its answer was lost: five seconds are not added twice.
    answers = false
    r.report('TIME_ADDED', { piece: 1, step: 3, seconds: 5 })
    await flushPromises()
    const longer = { ...timer, seconds: 20 }
    const told = { ...taken, pieces: [{ piece: 1, step: 3, timer: longer }] }
    streams[0]!.heard!({ data: JSON.stringify({ progress: told, reported: 9 }) })
    expect(pieceAt(r.progress.value, 1).timer?.seconds).toBe(20)
    vi.unstubAllGlobals()
  })
})
