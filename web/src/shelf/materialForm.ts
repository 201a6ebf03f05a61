import type { Schemas } from '@/api/client'

export type MaterialForm = Schemas['MaterialForm']

/** What can be typed of a material, as it stands; an empty one for a new roll of film. */
export function formOf(view: Schemas['MaterialView'] | null): MaterialForm {
  const material = view?.material
  const sheet = material?.sheet
  const cutter = sheet?.cutter
  return {
    name: material?.name ?? '',
    medium: material?.medium ?? 'film-smooth',
    colour: material?.colour ?? '',
    depth: material?.depth ?? 'WHITE',
    coolest: sheet?.temperature?.low ?? null,
    hottest: sheet?.temperature?.high ?? null,
    shortest: sheet?.time?.low ?? null,
    longest: sheet?.time?.high ?? null,
    pressure: sheet?.pressure ?? null,
    peel: sheet?.peel ?? null,
    cover: sheet?.cover ?? null,
    steam: sheet?.steam ?? null,
    cutterForce: cutter?.force ?? null,
    cutterDepth: cutter?.depth ?? null,
    cutterSpeed: cutter?.speed ?? null,
    cutterPasses: cutter?.passes ?? null,
    blade: cutter?.blade ?? null,
    rollWidth: material?.rollWidthMillimetres ?? 500,
    left: material?.leftMillimetres ?? 0,
    price: material?.price ?? null,
    version: view?.version ?? 0,
  }
}
