import type { DecorationForm, Schemas } from '@/api/client'

export type SumForm = Schemas['SumForm']
export type SumView = Schemas['SumView']
export type SumPage = Schemas['PageView']
export type SumMark = Schemas['MarkView']
export type Fits = Schemas['Fits']
export type Labels = Schemas['LabelsForm']
export type Patches = Schemas['PatchesForm']
export type Strips = Schemas['StripsForm']
export type Slits = Schemas['SlitsForm']
export type Stones = Schemas['StonesForm']
export type Motifs = Schemas['MotifsForm']
export type Layer = Schemas['LayerForm']
export type Shape = Schemas['ShapeForm']
export type Stock = Schemas['StockForm']

export const KINDS = ['LABELS', 'PATCHES', 'STRIPS', 'SLITS', 'STONES', 'MOTIFS'] as const
export type SumKind = (typeof KINDS)[number]

/** The sum that a thing usually needs; patches where nothing points to another. */
export function usualSum(kind: DecorationForm['kind']): SumKind {
  if (kind === 'LABEL') return 'LABELS'
  if (kind === 'STONES') return 'STONES'
  if (kind === 'PANEL') return 'SLITS'
  if (kind === 'SECOND_LAYER') return 'STRIPS'
  return 'PATCHES'
}

/** All discs of a mark as one path: a hundred thousand elements would hold the page up. */
export function discsPath({ middles, diameter }: SumMark): string {
  const r = diameter / 2
  let d = ''
  for (let i = 0; i + 1 < middles.length; i += 2) {
    d += `M${(middles[i]! - r).toFixed(2)} ${middles[i + 1]!}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0`
  }
  return d
}

/** What each kind of line is for, each once and in the order that they lie. */
export function rolesOf(page: SumPage): SumMark['role'][] {
  return [...new Set(page.marks.map(({ role }) => role))]
}

/** What a ticket takes over of a sum. */
export function taken(fits: Fits): Partial<DecorationForm> {
  const { width, height } = fits
  if (fits.stones === 0) return { width, height }
  return {
    width,
    height,
    colours: fits.colours,
    stones: fits.stones,
    stoneSize: fits.stoneSize,
    smallerStones: fits.smallerStones,
  }
}

/** Stones in place of each colour of a drawing; of a plain shape there is one kind. */
export function layersFor(layers: Layer[], colours: string[]): Layer[] {
  const like = layers[0]!
  return colours.map((colour) => layers.find(({ art }) => art === colour) ?? { ...like, art: colour, colour })
}
