import type { DecorationForm, Schemas } from '@/api/client'

export type CutForm = Schemas['CutForm']
export type Design = Schemas['Design']
export type ArtView = Schemas['ArtView']
export type DesignReading = Schemas['DesignReading']
export type LayoutView = Schemas['LayoutView']
export type CutAct = Schemas['CutAct']
export type Mat = Schemas['MatView']
export type LaidPiece = Schemas['LaidPiece']
type Rectangle = Schemas['Rectangle']

/** Which place that fails: its layer and its number in it. */
export interface Fault {
  layer: number
  fault: number
}

/** Letters that are typed for a broken shape and not yet set. */
export interface Typing {
  colour: string
  box: Schemas['LetterBox']
  /** The letters as a path; empty before they are drawn. */
  path: string
}

/** Mats of common sizes, mm. */
export const MATS: { width: number; length: number }[] = [
  { width: 300, length: 300 },
  { width: 300, length: 600 },
  { width: 200, length: 300 },
]

/** ISO 216 A4 and A3, and the letter sheet, mm. */
export const PAGES: { name: string; width: number; height: number }[] = [
  { name: 'A4', width: 210, height: 297 },
  { name: 'A3', width: 297, height: 420 },
  { name: 'Letter', width: 216, height: 279 },
]

/** Art that has just come in, as wide as the ticket has it, near colours as one. */
export function newDesign(decoration: DecorationForm, art: ArtView, medium: string): Design {
  return {
    decoration: decoration.id,
    artId: art.id,
    medium,
    width: decoration.width,
    overlap: decoration.layered ? 'LAYERED' : 'SIDE_BY_SIDE',
    newBlade: false,
    copies: 0,
    colours: art.colours.map(({ colour, near }, n) => ({
      colour,
      sameAs: near,
      cut: true,
      materialId: n === 0 ? decoration.materialId : null,
    })),
    replacements: [],
    print: { border: 2, pageWidth: 210, pageHeight: 297, pageMargin: 10 },
  }
}

/** The same design of a drawing that was read in another way: what was chosen for its colours stays. */
export function readAgain(design: Design, art: ArtView): Design {
  const before = new Map(design.colours.map((choice) => [choice.colour, choice]))
  const now = new Set(art.colours.map(({ colour }) => colour))
  return {
    ...design,
    artId: art.id,
    colours: art.colours.map(({ colour, near }) => {
      const known = before.get(colour) ?? { colour, sameAs: near, cut: true, materialId: null }
      return known.sameAs && !now.has(known.sameAs) ? { ...known, sameAs: null } : known
    }),
    replacements: design.replacements.filter(({ colour }) => now.has(colour)),
  }
}

/** Its own colours that are cut. */
export function cutColours(design: Design): string[] {
  return design.colours.filter(({ sameAs, cut }) => cut && sameAs === null).map(({ colour }) => colour)
}

/** At another width; letters were set for this one, and grow with it. */
export function resized(design: Design, to: number): Design {
  const factor = to / design.width
  return {
    ...design,
    width: to,
    replacements: design.replacements.map((each) => ({
      ...each,
      x: each.x * factor,
      y: each.y * factor,
      width: each.width * factor,
      height: each.height * factor,
      baseline: each.baseline * factor,
    })),
  }
}

/** The same choices with another design in its place; one that is new goes last. */
export function withDesign(form: CutForm, design: Design): CutForm {
  const others = form.designs.filter(({ decoration }) => decoration !== design.decoration)
  return { ...form, designs: [...others, design] }
}

/** What of a design changes how it is read. Where its colours lie on the shelf does, by their medium. */
export const readBy = (design: Design) => JSON.stringify({ ...design, copies: 0 })

/** The colours that are their own, not cut as one with another. */
export const ownColours = (design: Design) => design.colours.filter(({ sameAs }) => sameAs === null)

const TOUCH = 1e-6

const holds = (outer: Rectangle, inner: Rectangle) =>
  inner.x >= outer.x - TOUCH &&
  inner.y >= outer.y - TOUCH &&
  inner.x + inner.width <= outer.x + outer.width + TOUCH &&
  inner.y + inner.height <= outer.y + outer.height + TOUCH

const grown = ({ x, y, width, height }: Rectangle, by: number): Rectangle => ({
  x: x - by,
  y: y - by,
  width: width + 2 * by,
  height: height + 2 * by,
})

const overlaps = (one: Rectangle, other: Rectangle) =>
  one.x < other.x + other.width - TOUCH &&
  other.x < one.x + one.width - TOUCH &&
  one.y < other.y + other.height - TOUCH &&
  other.y < one.y + one.height - TOUCH

/**
 * Whether a piece that is held lies wrong, while the server is not asked: the same cases are held against both
 * (testing/shared/pieces-on-a-mat.json).
 */
export function wrongAt(piece: LaidPiece, mat: Mat, spacing: number, margin: number): boolean {
  const under = ({ at }: Pick<LaidPiece, 'at'>) => mat.stocks.find((stock) => holds(stock.at, at))
  const stock = under(piece)
  if (!stock || stock.material !== piece.material) return true
  if (!piece.turnable && piece.turned !== stock.turned) return true
  if (!holds(grown(stock.at, -margin), piece.at)) return true
  return mat.pieces.some((other) => {
    if (other.id === piece.id) return false
    // On two materials their carriers are apart already.
    const half = under(other) === stock ? Math.max(0, spacing / 2 - 1e-3) : 0
    return overlaps(grown(piece.at, half), grown(other.at, half))
  })
}
