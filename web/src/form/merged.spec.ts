import { describe, expect, it } from 'vitest'
import { merged } from './merged'

const before = {
  title: 'Tees',
  pieces: 3,
  garment: { name: 'tee', sizes: ['S'] },
  decorations: [
    { id: 'a', over: null as string | null, medium: 'film' },
    { id: 'b', over: null as string | null, medium: 'patch' },
  ],
  version: 1,
}
const like = (change: (form: typeof before) => void) => {
  const form = structuredClone(before)
  change(form)
  return form
}

describe('an answer that comes in while somebody types', () => {
  it('takes what came where nothing was touched', () => {
    const came = like((form) => (form.version = 2))
    expect(merged(before, before, came)).toEqual({ value: came, clashes: [] })
  })

  it('keeps what was touched since, field by field and thing by thing', () => {
    const typed = like((form) => {
      form.decorations[1]!.over = 'a'
      form.garment.name = 'crew tee'
    })
    const came = like((form) => {
      form.version = 2
      form.pieces = 5
      form.decorations[0]!.medium = 'film-block'
    })
    const { value, clashes } = merged(before, typed, came)
    expect(clashes).toEqual([])
    expect(value.decorations).toEqual([
      { id: 'a', over: null, medium: 'film-block' },
      { id: 'b', over: 'a', medium: 'patch' },
    ])
    expect(value).toMatchObject({ version: 2, pieces: 5, garment: { name: 'crew tee' } })
  })

  it('names where both changed the same, and keeps what was typed', () => {
    const typed = like((form) => {
      form.decorations[0]!.medium = 'stones'
      form.pieces = 9
    })
    const came = like((form) => {
      form.decorations[0]!.medium = 'patch'
      form.pieces = 9
    })
    const { value, clashes } = merged(before, typed, came)
    expect(clashes).toEqual(['decorations[a].medium'])
    expect(value.decorations[0]!.medium).toBe('stones')
  })

  it('keeps what was added and what was taken away on either side', () => {
    const typed = like((form) => {
      form.decorations = [form.decorations[0]!, { id: 'c', over: null, medium: 'web' }]
    })
    const came = like((form) => form.decorations.push({ id: 'd', over: null, medium: 'paper' }))
    const { value, clashes } = merged(before, typed, came)
    expect(value.decorations.map(({ id }) => id)).toEqual(['a', 'c', 'd'])
    expect(clashes).toEqual([])
  })

  it('does not take a thing away in silence that was changed here, nor bring one back', () => {
    const changed = like((form) => (form.decorations[1]!.over = 'a'))
    const gone = like((form) => form.decorations.pop())
    expect(merged(before, changed, gone)).toMatchObject({ clashes: ['decorations[b]'] })
    expect(merged(before, changed, gone).value.decorations).toHaveLength(2)
    expect(merged(before, gone, changed)).toMatchObject({ clashes: ['decorations[b]'] })
    expect(merged(before, gone, changed).value.decorations).toHaveLength(1)
  })

  it('takes lists without names as one', () => {
    const typed = like((form) => form.garment.sizes.push('M'))
    const came = like((form) => form.garment.sizes.push('L'))
    expect(merged(before, typed, came).clashes).toEqual(['garment.sizes'])
  })
})
