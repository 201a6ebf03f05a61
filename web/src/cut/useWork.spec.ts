import { describe, expect, it, vi } from 'vitest'
import { useWork, type Work } from './useWork'

const work = (id: string, state: Work['state'], problem: string | null = null): Work => ({
  id,
  state,
  done: 1,
  of: 4,
  art: null,
  problem,
  design: null,
  cut: null,
})

function answering(...states: Work['state'][]) {
  const asked: string[] = []
  vi.stubGlobal('fetch', (request: Request) => {
    asked.push(`${request.method} ${new URL(request.url).pathname.split('/').at(-2)}`)
    const id = request.url.split('/').at(-1)!
    return Promise.resolve(
      new Response(JSON.stringify(work(id, states.shift() ?? 'DONE')), {
        headers: { 'Content-Type': 'application/json' },
      }),
    )
  })
  return asked
}

describe('work on the server', () => {
  it('is followed to its end', async () => {
    const asked = answering('RUNNING', 'DONE')
    const { work: now, follow } = useWork()
    const done = await follow((id) => Promise.resolve(work(id, 'RUNNING')))
    expect(done?.state).toBe('DONE')
    expect(now.value?.state).toBe('DONE')
    expect(asked).toEqual(['GET works', 'GET works'])
  })

  it('says what went wrong', async () => {
    const { problem, follow } = useWork()
    const done = await follow((id) => Promise.resolve(work(id, 'FAILED', 'It fits on nothing.')))
    expect(done).toBeNull()
    expect(problem.value).toBe('It fits on nothing.')
  })

  it('is ended by what is begun after it, and then says nothing', async () => {
    const asked = answering('RUNNING', 'RUNNING', 'RUNNING', 'RUNNING')
    const { work: now, follow } = useWork()
    const first = follow((id) => Promise.resolve(work(id, 'RUNNING')))
    await vi.waitFor(() => expect(now.value?.state).toBe('RUNNING'))
    const second = follow((id) => Promise.resolve(work(id, 'DONE')))
    expect(await first).toBeNull()
    expect((await second)?.state).toBe('DONE')
    expect(asked).toContain('DELETE works')
  })
})
