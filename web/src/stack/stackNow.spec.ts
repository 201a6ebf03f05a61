import { expect, it } from 'vitest'
import type { StackData } from '@/api/client'
import { heatColour, temperaturesOf } from './stackNow'

it('finds each layer again by its kind and which one of that kind it is', () => {
  const stack = {
    layers: ['HEATED_PLATEN', 'FILM', 'FRONT', 'SEPARATOR', 'BACK', 'SEPARATOR', 'LOWER_PLATEN'].map(
      (kind) => ({
        kind,
      }),
    ),
  } as unknown as StackData
  const now = {
    time: 3,
    doing: 'press',
    platen: 150,
    glueLine: 120,
    layers: [
      { kind: 'FILM', celsius: 130 },
      { kind: 'FRONT', celsius: 100 },
      { kind: 'SEPARATOR', celsius: 80 },
      { kind: 'SEPARATOR', celsius: 60 },
      { kind: 'BACK', celsius: null },
    ],
  }
  expect(temperaturesOf(stack, now)).toEqual([150, 130, 100, 80, null, 60, null])
})

it('has a colour for every temperature, cold to hot', () => {
  expect(heatColour(-20)).toBe(heatColour(20))
  expect(new Set([20, 60, 100, 140, 190].map(heatColour)).size).toBe(5)
})
