import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, beforeEach, expect, it } from 'vitest'
import { defineComponent, h, reactive, ref } from 'vue'
import { Problem } from '@/api/client'
import { i18n } from '@/i18n'
import { useUnits } from '@/quantity/units'
import { useFields } from './fields'
import FormProblem from './FormProblem.vue'
import LengthField from './LengthField.vue'
import NumberField from './NumberField.vue'
import TextField from './TextField.vue'

const { length } = useUnits()
const problem = ref<Problem | null>(null)
const typed = reactive<{ name: string; pieces: number | null; width: number | null }>({
  name: 'top',
  pieces: 3,
  width: 254,
})
let ready: () => boolean

const Form = defineComponent({
  setup() {
    ready = useFields(() => problem.value).ready
    return () => [
      h(TextField, {
        id: 'name',
        path: 'garment.name',
        label: 'Name',
        max: 5,
        modelValue: typed.name,
        'onUpdate:modelValue': (now: string) => (typed.name = now),
      }),
      h(NumberField, {
        id: 'pieces',
        label: 'Pieces',
        min: 1,
        max: 100,
        whole: true,
        modelValue: typed.pieces,
        'onUpdate:modelValue': (now: number | null) => (typed.pieces = now),
      }),
      h(LengthField, {
        id: 'width',
        path: 'decorations[0].width',
        label: 'Width',
        min: 3,
        max: 3000,
        modelValue: typed.width,
        'onUpdate:modelValue': (now: number | null) => (typed.width = now),
      }),
      h(FormProblem),
    ]
  },
})

const form = () => mount(Form, { global: { plugins: [i18n] }, attachTo: document.body })
const refused = (field: string, message: string) => new Problem(422, 'invalid', message, [{ field, message }])

beforeEach(() => {
  Object.assign(typed, { name: 'top', pieces: 3, width: 254 })
  problem.value = null
  length.value = 'mm'
})
afterEach(() => {
  length.value = 'mm'
  document.body.innerHTML = ''
})

it('keeps what was typed and says at the field what is wrong with it', async () => {
  const shown = form()
  await shown.find('#name').setValue('a name of 300')
  await shown.find('#pieces').setValue('900')
  await shown.find('#pieces').trigger('blur')
  expect(typed).toMatchObject({ name: 'a name of 300', pieces: 900 })
  expect(shown.find('#name-wrong').text()).toBe('At most 5 characters; here are 13.')
  expect(shown.find('#pieces-wrong').text()).toBe('From 1 to 100.')
  expect(ready()).toBe(false)
  expect(document.activeElement?.id).toBe('name')
})

it.each([
  [2.5, 'Whole numbers only.'],
  [-4, 'From 1 to 100.'],
  [100, ''],
  [1, ''],
] as const)('takes %s pieces as it should', (pieces, says) => {
  typed.pieces = pieces
  const shown = form()
  expect(shown.find('#pieces-wrong').exists() ? shown.find('#pieces-wrong').text() : '').toBe(says)
})

it('counts an emoji as one character', () => {
  typed.name = '🪡🪡🪡🪡🪡'
  expect(form().find('#name-wrong').exists()).toBe(false)
})

it('says what is missing only once somebody tries to keep it', async () => {
  typed.name = ' '
  typed.pieces = null
  const shown = form()
  expect(shown.findAll('.said')).toHaveLength(0)
  expect(ready()).toBe(false)
  await flushPromises()
  expect(shown.findAll('.said').map((said) => said.text())).toEqual(['This is needed.', 'This is needed.'])
})

it('says what the server found at its field, without the name of the path', async () => {
  const shown = form()
  problem.value = refused('decorations[0].width', 'decorations[0].width must be less than 3000')
  await flushPromises()
  expect(shown.find('#width-wrong').text()).toBe('Must be less than 3000')
  expect(shown.find('.problem').exists()).toBe(false)
  expect(ready()).toBe(true)
})

it('finds its field where the form is a part of what is sent', async () => {
  const shown = form()
  problem.value = refused('ticket.garment.name', 'No such garment.')
  await flushPromises()
  expect(shown.find('#name-wrong').text()).toBe('No such garment.')
})

it('says below what belongs to no field', async () => {
  const shown = form()
  problem.value = refused('dueAt', 'That day is past.')
  await flushPromises()
  expect(shown.find('.problem').text()).toBe('That day is past.')
  problem.value = new Problem(409, 'stale', 'Changed in another tab.')
  await flushPromises()
  expect(shown.find('.problem').text()).toBe('Changed in another tab.')
})

it('keeps millimetres, whatever unit the length is typed in', async () => {
  length.value = 'inch'
  const input = form().find<HTMLInputElement>('#width')
  expect(Number(input.element.value)).toBe(10)
  await input.setValue('5')
  await input.trigger('blur')
  expect(typed.width).toBe(127)
})
