import { flushPromises } from '@vue/test-utils'
import { afterEach, expect, it, vi } from 'vitest'
import { mounted } from '@/testing/mounted'
import DueField from './DueField.vue'

afterEach(() => vi.unstubAllGlobals())

function answering(values: object) {
  const asked: string[] = []
  vi.stubGlobal('fetch', async (request: Request) => {
    asked.push(((await request.json()) as { sentence: string }).sentence)
    return Response.json({ values })
  })
  return asked
}

async function type(text: string) {
  const field = mounted(DueField, { modelValue: '2026-12-01T15:30:00Z' })
  const input = field.get('input')
  input.element.value = text
  await input.trigger('keydown', { key: 'Enter' })
  await flushPromises()
  return field
}

it('reads a day as one says it, and keeps the hour where none is said', async () => {
  const asked = answering({ dueDay: '2026-12-04', dueTime: null })
  const field = await type('Friday')
  expect(asked).toEqual(['Friday'])
  const due = new Date((field.emitted('update:modelValue') as string[][])[0]![0]!)
  expect([due.getDate(), due.getUTCMinutes()]).toEqual([4, 30])
})

it('says what is no day, and changes nothing', async () => {
  answering({ dueDay: null, dueTime: null })
  const field = await type('when the tide is in')
  expect(field.text()).toContain('“when the tide is in” is no day.')
  expect(field.emitted('update:modelValue')).toBeUndefined()
})
