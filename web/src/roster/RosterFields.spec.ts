import { flushPromises } from '@vue/test-utils'
import { afterEach, expect, it, vi } from 'vitest'
import { mounted } from '@/testing/mounted'
import RosterFields from './RosterFields.vue'

const two = [
  { name: 'Ana Skerry', number: '7', size: 'M' },
  { name: 'Bo Tern', number: '12', size: 'S' },
]
/** What reading a file is answered; counts have their own answer. */
function answers(status: number, body: unknown) {
  const counts = {
    sizes: [
      { what: 'S', n: 1 },
      { what: 'M', n: 1 },
    ],
    letters: [{ what: 'e', n: 2 }],
  }
  vi.stubGlobal(
    'fetch',
    vi.fn(async (request: Request) => {
      const counting = request.url.endsWith('/counts')
      return new Response(JSON.stringify(counting ? counts : body), {
        status: counting ? 200 : status,
        headers: { 'content-type': 'application/json' },
      })
    }),
  )
}

async function pick(fields: ReturnType<typeof mounted>) {
  const input = fields.find<HTMLInputElement>('input[type=file]')
  Object.defineProperty(input.element, 'files', { value: [new File(['x'], 'crew.csv')], configurable: true })
  await input.trigger('change')
  await flushPromises()
}

afterEach(() => {
  document.body.innerHTML = ''
  vi.unstubAllGlobals()
})

it('shows what it comes to, and loses an entry when it is removed', async () => {
  answers(200, {})
  const fields = mounted(RosterFields, { modelValue: two })
  await vi.waitFor(() => expect(fields.text()).toContain('S × 1, M × 1'))
  expect(fields.text()).toContain('e × 2')
  await fields.findAll('button').at(-1)!.trigger('click')
  expect(fields.emitted('update:modelValue')?.at(-1)).toEqual([[two[0]]])
})

it('shows each bad line of a file with its reason, and takes the good ones', async () => {
  answers(200, {
    rows: [
      { line: 2, ...two[0], wrong: null },
      { line: 3, name: '', number: '', size: 'M', wrong: 'neither a name nor a number' },
    ],
    good: 1,
  })
  const fields = mounted(RosterFields, { modelValue: [] })
  await pick(fields)
  expect(document.body.textContent).toContain('neither a name nor a number')
  document.querySelector<HTMLButtonElement>('.ant-modal-footer .ant-btn-primary')!.click()
  await flushPromises()
  expect(fields.emitted('update:modelValue')?.at(-1)).toEqual([[two[0]]])
})

it('says why a file cannot be read and keeps what was typed', async () => {
  answers(422, { type: 'urn:velvet-kettle:problem:refused', detail: 'There are no lines of text in it.' })
  const fields = mounted(RosterFields, { modelValue: two })
  await pick(fields)
  expect(fields.find('[role=alert]').text()).toContain('no lines of text')
  expect(fields.emitted('update:modelValue')).toBeUndefined()
})

it('takes the later of two files, whichever is read first', async () => {
  const held: ((answer: Response) => void)[] = []
  vi.stubGlobal('fetch', (request: Request) =>
    request.url.endsWith('/counts')
      ? Promise.resolve(Response.json({ sizes: [], letters: [] }))
      : new Promise<Response>((answer) => held.push(answer)),
  )
  const reading = (name: string) =>
    Response.json({ rows: [{ line: 1, name, number: '', size: 'M', wrong: null }], good: 1 })
  const fields = mounted(RosterFields, { modelValue: [] })
  await pick(fields)
  await pick(fields)
  held[1]!(reading('Bo Tern'))
  await vi.waitFor(() => expect(document.body.textContent).toContain('Bo Tern'))
  held[0]!(reading('Ana Skerry'))
  await flushPromises()
  await flushPromises()
  expect(document.body.textContent).toContain('Bo Tern')
  expect(document.body.textContent).not.toContain('Ana Skerry')
})
