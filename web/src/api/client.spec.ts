import { afterEach, describe, expect, it, vi } from 'vitest'
import { answer, api, Problem } from './client'

const given = (status: number, error?: unknown, data?: unknown) =>
  Promise.resolve({ data, error, response: new Response(null, { status }) })

async function problemOf(asked: Promise<unknown>): Promise<Problem> {
  try {
    await asked
  } catch (e) {
    return e as Problem
  }
  throw new Error('it was answered')
}

describe('answers', () => {
  it('gives the data of a good one', async () => {
    await expect(answer(given(200, undefined, { id: 1 }))).resolves.toEqual({ id: 1 })
  })

  it('turns a problem detail into what, where and what to do', async () => {
    const body = {
      type: 'urn:velvet-kettle:problem:refused',
      detail: 'The shares add up to 120 %.',
      fields: [{ field: 'garment.label', message: 'The shares add up to 120 %.' }],
    }
    const problem = await problemOf(answer(given(422, body)))
    expect(problem).toMatchObject({ status: 422, kind: 'refused', message: 'The shares add up to 120 %.' })
    expect(problem.fields[0]?.field).toBe('garment.label')
    expect(problem.offline).toBe(false)
  })

  it('says what to do when nothing answers', async () => {
    const problem = await problemOf(answer(Promise.reject(new TypeError('failed'))))
    expect(problem.offline).toBe(true)
    expect(problem.message).toContain('./kettle start')
  })

  it('does not break on an answer that is no problem detail', async () => {
    const problem = await problemOf(answer(given(502, 'Bad gateway')))
    expect(problem.message).toContain('502')
  })
})

describe('a busy application', () => {
  afterEach(() => {
    vi.useRealTimers()
    vi.unstubAllGlobals()
  })

  const busy = () =>
    new Response(JSON.stringify({ type: 'urn:velvet-kettle:problem:busy', detail: 'Busy.' }), {
      status: 503,
      headers: { 'Retry-After': '2', 'Content-Type': 'application/problem+json' },
    })

  it('is asked again after the time that it says, with the same body', async () => {
    vi.useFakeTimers()
    const bodies: string[] = []
    const fetch = vi.fn(async (request: Request) => {
      bodies.push(await request.text())
      return bodies.length < 3 ? busy() : Response.json({ version: 1 })
    })
    vi.stubGlobal('fetch', fetch)
    const asked = answer(api.PUT('/api/workroom', { body: { air: 21, humidity: 0.5, version: 0 } }))
    await vi.advanceTimersByTimeAsync(1900)
    expect(fetch).toHaveBeenCalledTimes(1)
    await vi.advanceTimersByTimeAsync(3000)
    await expect(asked).resolves.toEqual({ version: 1 })
    expect(new Set(bodies).size).toBe(1)
  })

  it('is not waited for where it takes longer than a moment', async () => {
    const fetch = vi.fn(async () => {
      const answer = busy()
      answer.headers.set('Retry-After', '30')
      return answer
    })
    vi.stubGlobal('fetch', fetch)
    await expect(problemOf(answer(api.GET('/api/workroom')))).resolves.toMatchObject({ status: 503 })
    expect(fetch).toHaveBeenCalledTimes(1)
  })

  it('is said to be busy in the end', async () => {
    vi.useFakeTimers()
    const fetch = vi.fn(() => Promise.resolve(busy()))
    vi.stubGlobal('fetch', fetch)
    const problem = problemOf(answer(api.GET('/api/workroom')))
    await vi.advanceTimersByTimeAsync(60_000)
    expect(await problem).toMatchObject({ status: 503, message: 'Busy.' })
    expect(fetch).toHaveBeenCalledTimes(6)
  })
})
