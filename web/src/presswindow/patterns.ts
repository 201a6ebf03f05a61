import { edgeOf, type PressWindow, type Question } from './pressWindow'
import { outsidePath, type Scales } from './shapes'

/** A risk on the map: that something may go wrong, and that it does, each with a pattern and a name of its own. */
export interface Risk {
  key: string
  question: Question
  fails: boolean
  d: string
}

/** From what may to what does, so that what does lies on top; overlapping ones show both patterns. */
export function risksOf(window: PressWindow, scales: Scales): Risk[] {
  return [false, true].flatMap((fails) =>
    (['HOLD', 'BLEED', 'MARK'] as Question[])
      .map((question) => ({
        key: `${question.toLowerCase()}-${fails ? 'does' : 'may'}`,
        question,
        fails,
        d: outsidePath(window, question, !fails, scales),
      }))
      .filter(({ d, question }) => d !== '' && edgeOf(window.map!, question, !fails) !== undefined),
  )
}
