import type { Schemas } from '@/api/client'

export type Report = Schemas['RunEventForm']
export type EventKind = Report['kind']
export type Progress = Schemas['RunProgress']
export type PieceProgress = Progress['pieces'][number]
export type Timer = NonNullable<PieceProgress['timer']>

export const BEGUN: Progress = { pieces: [], aside: [], trouble: 0, screen: null }

/** What +5 s was before times were reported; no press and no wait is longer than a week. */
const USUALLY_ADDED = 5
const LONGEST = 604_800

/** The piece that is meant where none is named: the first that was begun, else the next. */
export function inHand({ pieces, aside }: Progress): number {
  if (pieces[0]) return pieces[0].piece
  let next = 1
  while (aside.includes(next)) next++
  return next
}

/** Where a piece stands; before its first step where it was not begun. */
export function pieceAt({ pieces }: Progress, piece: number): PieceProgress {
  return pieces.find((one) => one.piece === piece) ?? { piece, step: 1, timer: null }
}

/** How many pieces have had their last step, put aside or not. */
export function finished({ pieces, aside }: Progress, steps: number): number {
  return aside.length + pieces.filter(({ step }) => step > steps).length
}

/**
 * What an event makes of the progress, for not waiting on the server, which folds the same way: the same events are told
 * to both (testing/shared/run-progress.json).
 */
export function after(progress: Progress, event: Omit<Report, 'id'>, steps: number): Progress {
  const piece = event.piece ?? inHand(progress)
  const now = pieceAt(progress, piece)
  const at = event.step ?? 0
  const known = at >= 1 && at <= steps && !progress.aside.includes(piece)
  const due = known && at === now.step
  switch (event.kind) {
    case 'STEP_DONE':
      return due ? withPiece(progress, { piece, step: at + 1, timer: null }) : progress
    case 'STEP_BACK':
      return known ? withPiece(progress, { piece, step: at, timer: null }) : progress
    case 'PIECE_DONE':
      return putAside(progress, piece)
    case 'SOMETHING_WRONG':
      return { ...progress, trouble: progress.trouble + 1 }
    case 'TAKEN_OVER':
      return { ...progress, screen: event.screen }
    default: {
      const timer = due ? timed(now.timer, event) : now.timer
      return timer === now.timer ? progress : withPiece(progress, { ...now, timer })
    }
  }
}

/** A time begins once, and only where it is known how long it is. */
function timed(timer: Timer | null, { kind, seconds, at }: Omit<Report, 'id'>): Timer | null {
  if (!timer) {
    return kind === 'STEP_STARTED' && seconds !== null
      ? { startedAt: at, seconds, pausedAt: null, pausedFor: 0 }
      : null
  }
  switch (kind) {
    case 'STEP_STARTED_AGAIN':
      return null
    case 'PAUSED':
      return timer.pausedAt === null ? { ...timer, pausedAt: at } : timer
    case 'RESUMED': {
      if (timer.pausedAt === null) return timer
      const held = Math.max(0, Date.parse(at) - Date.parse(timer.pausedAt))
      return { ...timer, pausedAt: null, pausedFor: timer.pausedFor + held }
    }
    case 'TIME_ADDED':
      return {
        ...timer,
        seconds: timer.seconds + Math.min(seconds ?? USUALLY_ADDED, LONGEST - timer.seconds),
      }
    default:
      return timer
  }
}

function withPiece(progress: Progress, piece: PieceProgress): Progress {
  const others = progress.pieces.filter((one) => one.piece !== piece.piece)
  return { ...progress, pieces: [...others, piece].sort((a, b) => a.piece - b.piece) }
}

function putAside(progress: Progress, piece: number): Progress {
  if (progress.aside.includes(piece)) return progress
  return {
    ...progress,
    pieces: progress.pieces.filter((one) => one.piece !== piece),
    aside: [...progress.aside, piece].sort((a, b) => a - b),
  }
}
