import { expect, it } from 'vitest'
import type { Option } from '@/api/client'
import faces from '@/testing/shared/cut-faces.json'
import { needsCutting } from './currentOption'

it.each(Object.entries(faces))('%s is worked before the press as the server says: %s', (cutFace, worked) => {
  expect(needsCutting({ recipe: { layUp: { cutFace } } } as unknown as Option)).toBe(worked)
})

it('is nothing to cut where nothing is chosen', () => {
  expect(needsCutting(null)).toBe(false)
})
