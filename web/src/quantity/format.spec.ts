import { describe, expect, it } from 'vitest'
import { capital, clock, degrees, duration, lengthIn, toFahrenheit, toMillimetres } from './format'

describe('temperatures', () => {
  // Fixed points by definition; 150 and 160 °C as presses are set.
  it.each([
    [0, 32],
    [100, 212],
    [150, 302],
    [160, 320],
    [-40, -40],
  ])('%d °C is %d °F', (celsius, fahrenheit) => {
    expect(toFahrenheit(celsius)).toBeCloseTo(fahrenheit, 9)
    expect(degrees(celsius, '°F')).toBe(String(fahrenheit))
  })

  it('is shown in whole degrees, as a press can be set', () => {
    expect(degrees(154.6, '°C')).toBe('155')
  })
})

describe('lengths', () => {
  it.each([
    [25.4, 1],
    [279.4, 11],
    [1, 0.04],
  ])('%d mm is %d inch', (millimetres, inches) => {
    expect(lengthIn(millimetres, 'inch')).toBe(inches)
  })

  it('comes back to millimetres as it was typed', () => {
    expect(toMillimetres(10, 'inch')).toBe(254)
    expect(toMillimetres(123, 'mm')).toBe(123)
  })
})

describe('times', () => {
  it.each([
    [12, '12', 's'],
    [90, '90', 's'],
    [100, '1:40', 'min'],
    [1200, '20', 'min'],
    [86_400, '24', 'h'],
    [259_200, '3', 'days'],
  ])('%d s reads %s %s', (seconds, value, unit) => {
    expect(duration(seconds)).toEqual({ value, unit })
  })

  it('counts down to nought and never below, and shows a begun second as whole', () => {
    expect(clock(90)).toBe('1:30')
    expect(clock(8.2)).toBe('0:09')
    expect(clock(-3)).toBe('0:00')
  })
})

it('begins a line with a capital', () => {
  expect(capital('blocker film')).toBe('Blocker film')
  expect(capital('')).toBe('')
})
