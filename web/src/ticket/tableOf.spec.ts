import { expect, it } from 'vitest'
import { plan } from '@/testing/plans'
import { madeAlike, tableOf } from './tableOf'

const step = (decoration: string, instruction: string) => ({ decoration, instruction, acts: [] })
const several = {
  ...plan,
  table: [
    step('word', 'Mirror the art.'),
    step('crest', 'Cut the web.'),
    step('star', 'Mirror the art.'),
    step('crest', 'Take the paper off.'),
  ],
}

it('tells what is done to one thing, in its order', () => {
  expect(tableOf(several, 'crest')).toEqual(['Cut the web.', 'Take the paper off.'])
  expect(tableOf(several, 'nobody')).toEqual([])
})

it('lists things that are made alike once, under all their names', () => {
  const things = ['word', 'crest', 'star'].map((id) => ({ id, description: `the ${id}` }))
  expect(madeAlike(several, things)).toEqual([
    { names: ['the word', 'the star'], lines: ['Mirror the art.'] },
    { names: ['the crest'], lines: ['Cut the web.', 'Take the paper off.'] },
  ])
})
