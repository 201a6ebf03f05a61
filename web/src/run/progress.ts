import type { Schemas } from '@/api/client'

export type EventKind = Schemas['RunEventForm']['kind']
export type Progress = Schemas['RunProgress']

/**
 * What an event makes of the progress, for not waiting on the server, which folds the same way: the same events are told
 * to both (testing/shared/run-progress.json).
 */
export function after(progress: Progress, kind: EventKind, step: number | null, steps: number): Progress {
  const known = step !== null && step >= 1 && step <= steps
  const now = moved(progress, kind, known ? step : null)
  return { ...now, finished: now.step > steps ? now.piecesDone + 1 : now.piecesDone }
}

function moved(progress: Progress, kind: EventKind, step: number | null): Progress {
  switch (kind) {
    case 'STEP_DONE':
      return step === progress.step ? { ...progress, step: progress.step + 1 } : progress
    case 'STEP_BACK':
      return step === null ? progress : { ...progress, step }
    case 'PIECE_DONE':
      return { ...progress, piecesDone: progress.piecesDone + 1, step: 1 }
    case 'SOMETHING_WRONG':
      return { ...progress, trouble: progress.trouble + 1 }
    default:
      return progress
  }
}
