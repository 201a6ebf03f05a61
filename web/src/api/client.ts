import createClient, { type Middleware } from 'openapi-fetch'
import { unitsHeader } from '@/quantity/units'
import type { components, paths } from './generated/schema'

export type Schemas = components['schemas']
export type TicketForm = Schemas['TicketForm']
export type TicketView = Schemas['TicketView']
export type GarmentForm = Schemas['GarmentForm']
export type DecorationForm = Schemas['DecorationForm']
export type Plan = Schemas['Plan']
export type Option = Schemas['Option']
export type Step = Schemas['Step']
export type StackData = Schemas['Stack']
export type Evidence = Schemas['Evidence']
export type Margin = Schemas['Margin']

const units: Middleware = {
  onRequest({ request }) {
    request.headers.set('Velvet-Units', unitsHeader())
    return request
  },
}

/** How often a request is sent again where the application asks for a moment. */
const PATIENCE = 5

/** Seconds; who asks for more than this is not away for a moment, and the maker is told so at once. */
const MOMENT = 10

/** Sent again where the application is busy or comes up: after so many seconds as it says. */
async function patiently(request: Request): Promise<Response> {
  for (let tries = 0; ; tries++) {
    // Looked up at each request, so that a test can answer in its place.
    const response = await globalThis.fetch(tries < PATIENCE ? request.clone() : request)
    const seconds = Number(response.headers.get('Retry-After'))
    if (
      response.status !== 503 ||
      !(seconds > 0) ||
      seconds > MOMENT ||
      tries >= PATIENCE ||
      request.signal?.aborted
    )
      return response
    await new Promise((after) => setTimeout(after, 1000 * seconds))
  }
}

export const api = createClient<paths>({
  baseUrl: '/',
  fetch: patiently,
})
api.use(units)

/** What went wrong, in words that can be shown: what, where, and what to do. */
export class Problem extends Error {
  constructor(
    readonly status: number,
    readonly kind: string,
    message: string,
    readonly fields: { field: string; message: string }[] = [],
  ) {
    super(message)
  }

  get offline(): boolean {
    return this.status === 0
  }
}

interface ProblemBody {
  type?: string
  detail?: string
  fields?: { field: string; message: string }[]
}

interface Answer<T> {
  data?: T
  error?: unknown
  response: Response
}

/** The data of an answer; throws a Problem where there is none. */
export async function answer<T>(asked: Promise<Answer<T>>): Promise<T> {
  let given: Answer<T>
  try {
    given = await asked
  } catch {
    throw new Problem(
      0,
      'offline',
      'The application does not answer. Start it again with ./kettle start; what you typed is kept here.',
    )
  }
  const { ok, status } = given.response
  if (ok && (given.data !== undefined || status === 204)) return given.data as T
  const body = (typeof given.error === 'object' && given.error ? given.error : {}) as ProblemBody
  const kind = (body.type ?? '').split(':').pop() ?? ''
  const fallback = `The application answered ${given.response.status}. Try again.`
  throw new Problem(given.response.status, kind, body.detail ?? fallback, body.fields ?? [])
}
