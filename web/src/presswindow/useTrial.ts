import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { computed, type Ref } from 'vue'
import { answer, api, type Schemas, type TicketForm } from '@/api/client'
import { unitsKey } from '@/quantity/units'

export type OwnSetting = Schemas['OwnSettingForm']

/** What is tried: one medium for one thing of a ticket. */
export interface Trial {
  ticket: TicketForm
  decoration: string
  medium: string
}

/** Everything left to sheet, trade and heat. */
export function unsettled(medium: string): OwnSetting {
  return {
    medium,
    dial: null,
    time: null,
    drying: null,
    cover: null,
    cooled: null,
    raised: null,
    fromBack: null,
    press: null,
  }
}

/** What was settled for a medium; nothing where that was another. */
export function ownOf({ ticket, decoration, medium }: Trial): OwnSetting {
  const own = ticket.decorations.find(({ id }) => id === decoration)?.own
  return own?.medium === medium ? own : unsettled(medium)
}

/** The same with something else settled. */
export function withOwn(trial: Trial, own: OwnSetting | null): Trial {
  const decorations = trial.ticket.decorations.map((one) =>
    one.id === trial.decoration ? { ...one, medium: trial.medium, own } : one,
  )
  return { ...trial, ticket: { ...trial.ticket, decorations } }
}

/** Names and dates do not change what is computed. */
const asked = (trial: Trial | null) =>
  trial &&
  JSON.stringify({
    ...trial,
    ticket: { ...trial.ticket, title: 'trial', customer: '', roster: [], version: 0 },
  })

const use = <T>(what: string, trial: Ref<Trial | null>, ask: (body: Trial) => Promise<T>) => {
  const body = computed(() => asked(trial.value))
  return useQuery({
    queryKey: ['trial', what, body, unitsKey],
    queryFn: () => ask(JSON.parse(body.value!) as Trial),
    enabled: computed(() => body.value !== null),
    placeholderData: keepPreviousData,
    staleTime: 60_000,
  })
}

export const useWindow = (trial: Ref<Trial | null>) =>
  use('window', trial, (body) => answer(api.POST('/api/trials/window', { body })))

export const useSetting = (trial: Ref<Trial | null>) =>
  use('setting', trial, (body) => answer(api.POST('/api/trials/setting', { body })))

export const useWhatIfs = (trial: Ref<Trial | null>) =>
  use('what-ifs', trial, (body) => answer(api.POST('/api/trials/what-ifs', { body })))
