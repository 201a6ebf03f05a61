import { mount } from '@vue/test-utils'
import { afterEach, beforeEach, expect, it } from 'vitest'
import { nextTick } from 'vue'
import { i18n } from '@/i18n'
import TemperatureValue from './TemperatureValue.vue'
import { unitsHeader, useUnits } from './units'

const { temperature, length, turnTemperature, turnLength, turnBoth } = useUnits()

function metric() {
  temperature.value = '°C'
  length.value = 'mm'
}
beforeEach(metric)
afterEach(metric)

it('switches each by itself, and both to the other usual pair', () => {
  turnTemperature()
  expect([temperature.value, length.value]).toEqual(['°F', 'mm'])
  turnLength()
  expect([temperature.value, length.value]).toEqual(['°F', 'inch'])
  turnBoth()
  expect([temperature.value, length.value]).toEqual(['°C', 'mm'])
  turnBoth()
  expect([temperature.value, length.value]).toEqual(['°F', 'inch'])
})

it('tells the server which units to speak in', () => {
  expect(unitsHeader()).toBe('celsius,mm')
  turnBoth()
  expect(unitsHeader()).toBe('fahrenheit,inch')
})

it('shows a temperature in the units of the moment', async () => {
  const shown = mount(TemperatureValue, { props: { celsius: 150 }, global: { plugins: [i18n] } })
  expect(shown.text().replace(/\s+/g, '')).toBe('150°C')
  turnBoth()
  await nextTick()
  expect(shown.text().replace(/\s+/g, '')).toBe('302°F')
})
