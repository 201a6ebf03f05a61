import { describe, expect, it } from 'vitest'
import { tokensOf } from './tokens'

const luminance = (hex: string) => {
  const [r, g, b] = [1, 3, 5].map((at) => Number.parseInt(hex.slice(at, at + 2), 16) / 255)
  const linear = (c: number) => (c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4)
  return 0.2126 * linear(r!) + 0.7152 * linear(g!) + 0.0722 * linear(b!)
}
const contrast = (a: string, b: string) => {
  const [dark, light] = [luminance(a), luminance(b)].sort((x, y) => x - y)
  return (light! + 0.05) / (dark! + 0.05)
}

/** WCAG 2.2, 1.4.3: small type stands out from its ground by at least 4.5 to 1. */
describe.each([
  ['by day', undefined],
  ['by night', "[data-theme='night']"],
  ['at the press', '.at-press'],
])('the colours %s', (_, selector) => {
  const token = tokensOf(selector)

  it.each(['ink', 'muted', 'copper', 'safe', 'tight', 'no', 'slate', 'placeholder'])(
    'let %s be read',
    (name) => {
      expect(contrast(token(name), token('sheet'))).toBeGreaterThan(4.5)
      expect(contrast(token(name), token('steam'))).toBeGreaterThan(4.5)
    },
  )

  it.each([
    ['on-dark', 'velvet'],
    ['on-velvet', 'velvet'],
    ['on-dark', 'button'],
    ['on-safe', 'safe'],
    ['on-no', 'no'],
  ])('let %s be read on %s', (name, ground) => {
    const on = selector === '.at-press' ? tokensOf() : token
    expect(contrast(on(name), on(ground))).toBeGreaterThan(4.5)
  })
})

describe('the colours of what is drawn on paper', () => {
  const token = tokensOf()

  it.each(['paper-ink', 'paper-safe', 'paper-tight', 'paper-no', 'paper-copper', 'paper-slate'])(
    'let %s be read',
    (name) => expect(contrast(token(name), token('paper-ground'))).toBeGreaterThan(4.5),
  )
})

it('tells a name that is not there', () => {
  expect(() => tokensOf()('no-such-colour')).toThrow('no-such-colour')
})
