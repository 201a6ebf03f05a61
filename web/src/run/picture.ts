import type { Plan, Schemas, Step } from '@/api/client'

type Area = Schemas['Area']
type Act = Schemas['Act']

/** What a step is shown as on the garment. */
export interface Picture {
  face: 'FRONT' | 'BACK'
  /** What lies on that face by then, in the order in which it was laid on. */
  art: { thing: string; area: Area }[]
  /** All positions of this closing; none where no tool comes down. */
  positions: Area[]
  /** The one that is due, from 0; those before it are done. */
  now: number
  lifted: Area | null
}

type Close = Extract<Act, { act: 'Close' }>

const acts = (steps: Step[]) => steps.flatMap((step) => step.acts)
const closing = (step: Step) => step.acts.find((act): act is Close => act.act === 'Close')

/** The picture of a step; null where hands do nothing at a place of the garment. */
export function picture(plan: Plan, step: Step): Picture | null {
  const laid = step.acts.some(({ act }) => act === 'LayOn')
  const close = closing(step)
  const moved = step.acts.some(({ act }) => act === 'HangOff' || act === 'DrawOver' || act === 'LayFlat')
  const lift = step.acts.some((act) => act.act === 'Insert' && act.where)
  if (!laid && !close && !moved && !lift) return null
  const until = plan.steps.filter(({ number }) => number <= step.number)
  const face = faceUp(acts(until))
  return {
    face,
    art: art(acts(until), face),
    positions: close ? positions(plan, step, close) : [],
    now: close ? close.position - 1 : 0,
    lifted: lifted(acts(until)),
  }
}

function faceUp(done: Act[]): 'FRONT' | 'BACK' {
  let face: 'FRONT' | 'BACK' = 'FRONT'
  for (const act of done) {
    if (act.act === 'LayFlat' || act.act === 'DrawOver') face = act.up
    if (act.act === 'TurnInsideOut') face = act.worked
  }
  return face
}

function art(done: Act[], face: string) {
  const found = new Map<string, { thing: string; area: Area }>()
  for (const act of done) {
    if (act.act === 'LayOn' && act.face === face) found.set(act.thing, { thing: act.thing, area: act.where })
  }
  return [...found.values()]
}

function lifted(done: Act[]): Area | null {
  let area: Area | null = null
  for (const act of done) {
    if (act.act === 'Insert' && act.where) area = act.where
    if (act.act === 'TakeOut' && (act.what === 'FOAM_PAD' || act.what === 'FORM')) area = null
  }
  return area
}

/** Those of the same closing stand in the steps beside it. */
function positions(plan: Plan, step: Step, close: Close): Area[] {
  const same = plan.steps
    .filter(({ round }) => round === step.round)
    .flatMap((each) => closing(each) ?? [])
    .filter((one) => one.purpose === close.purpose && one.thing === close.thing && one.of === close.of)
  const byNumber: Area[] = []
  for (const one of same) byNumber[one.position - 1] ??= one.where
  byNumber[close.position - 1] = close.where
  return byNumber
}
