import { flushPromises, mount } from '@vue/test-utils'
import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query'
import { MESSAGE } from '@/shell/useMessage'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { h, ref } from 'vue'
import { api, type DecorationForm, type TicketForm } from '@/api/client'
import { i18n } from '@/i18n'
import { option, plan } from '@/testing/plans'
import { unsettled } from '@/presswindow/useTrial'
import { blankDecoration } from '@/ticket/blankTicket'
import { useMediumChoice } from './useMediumChoice'

const thing = (id: string, medium: string | null = null): DecorationForm => ({
  ...blankDecoration(),
  id,
  description: id,
  medium,
})
const form = ref<TicketForm | null>(null)
const keep = vi.fn<() => Promise<boolean>>()
const said: string[] = []
const opened: string[] = []
const planned: boolean[] = []
const put = vi.spyOn(api, 'PUT')

function taking() {
  let inside!: ReturnType<typeof useMediumChoice>
  const Inside = {
    setup() {
      inside = useMediumChoice({
        ticketId: ref('t'),
        form,
        plan: ref(plan),
        keep,
        onOpen: ({ id }) => opened.push(id),
        onPlanned: (cutting) => planned.push(cutting),
      })
      return () => null
    },
  }
  mount(() => h(Inside), {
    global: {
      provide: { [MESSAGE as symbol]: { info: (text: string) => said.push(text), error: () => undefined } },
      plugins: [i18n, [VueQueryPlugin, { queryClient: new QueryClient() }]],
    },
  })
  return inside
}

beforeEach(() => {
  form.value = { decorations: [thing('crest'), thing('back')] } as unknown as TicketForm
  keep.mockReset().mockResolvedValue(true)
  put.mockReset().mockResolvedValue({ data: { plan }, response: new Response() } as never)
  opened.length = planned.length = 0
})

describe('a medium that is taken', () => {
  it('leads to the next thing that has none, and makes no plan yet', async () => {
    await taking().take(option.medium, 'crest')
    expect(form.value!.decorations[0]!.medium).toBe(option.medium)
    expect(opened).toEqual(['back'])
    expect(put).not.toHaveBeenCalled()
  })

  it('has the plan made once every thing has one', async () => {
    form.value!.decorations.pop()
    await taking().take(option.medium, 'crest')
    await flushPromises()
    expect(put).toHaveBeenCalledOnce()
    expect(planned).toHaveLength(1)
  })

  it('is given back where it could not be kept', async () => {
    keep.mockResolvedValue(false)
    form.value!.decorations[0]!.medium = 'flock'
    await taking().take(option.medium, 'crest')
    expect(form.value!.decorations[0]!.medium).toBe('flock')
    expect(put).not.toHaveBeenCalled()
  })
})

describe('a setting that is another once it is taken', () => {
  const id = plan.decorations[0]!.decoration

  async function taken(seconds: number, own?: ReturnType<typeof unsettled>) {
    said.length = 0
    form.value!.decorations = [thing(id)]
    const made = structuredClone(plan)
    for (const one of made.decorations[0]!.options) one.recipe.setting.time.value = seconds
    put.mockResolvedValue({ data: { plan: made }, response: new Response() } as never)
    await taking().take(option.medium, id, own)
    await flushPromises()
    return said.join(' ')
  }

  it('is told, with what it was', async () => {
    expect(await taken(option.recipe.setting.time.value + 2)).toMatch(
      new RegExp(
        `Set .*${option.recipe.setting.time.value + 2} s, not .*${option.recipe.setting.time.value} s`,
      ),
    )
  })

  it('is not told where it stayed, or the maker settled it', async () => {
    expect(await taken(option.recipe.setting.time.value)).toBe('')
    const own = { ...unsettled(option.medium), time: 12 }
    expect(await taken(12, own)).toBe('')
  })
})

describe('a setting of the maker', () => {
  it('is kept with the medium that is taken, and left again', async () => {
    form.value!.decorations = [thing('crest', option.medium)]
    const { settle } = taking()
    const own = { ...unsettled(option.medium), dial: 150, time: 12 }
    await settle('crest', own)
    expect(form.value!.decorations[0]!.own).toEqual(own)
    await settle('crest', null)
    expect(form.value!.decorations[0]!.own).toBeNull()
    expect(put).toHaveBeenCalledTimes(2)
  })

  it('needs a medium', async () => {
    await taking().settle('crest', unsettled(option.medium))
    expect(keep).not.toHaveBeenCalled()
  })
})
