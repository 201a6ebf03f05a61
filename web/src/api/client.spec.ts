import { describe, expect, it } from 'vitest'
import { answer, Problem } from './client'

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
