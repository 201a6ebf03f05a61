/** What a form holds once an answer has come in, and where both sides changed the same. */
export interface Merged<T> {
  value: T
  clashes: string[]
}

type Fields = Record<string, unknown>

const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b)
const isFields = (value: unknown): value is Fields =>
  typeof value === 'object' && value !== null && !Array.isArray(value)
const isNamed = (value: unknown): value is (Fields & { id: string })[] =>
  Array.isArray(value) && value.every((one) => isFields(one) && typeof one.id === 'string')

/**
 * What was touched since stays, everything else is as it came. Where both were changed, to different things, what was typed stays
 * and the place is named.
 *
 * @param before what both began from: the form when it was sent, or as the server had it
 * @param typed the form by now
 * @param came what the server has by now
 */
export function merged<T>(before: T, typed: T, came: T, path = ''): Merged<T> {
  if (same(typed, before)) return { value: came, clashes: [] }
  if (same(came, before) || same(came, typed)) return { value: typed, clashes: [] }
  if (isFields(before) && isFields(typed) && isFields(came)) {
    return fields(before, typed, came, path) as Merged<T>
  }
  if (isNamed(before) && isNamed(typed) && isNamed(came)) {
    return named(before, typed, came, path) as Merged<T>
  }
  return { value: typed, clashes: [path] }
}

function fields(before: Fields, typed: Fields, came: Fields, path: string): Merged<Fields> {
  const value: Fields = {}
  const clashes: string[] = []
  for (const key of new Set([...Object.keys(typed), ...Object.keys(came)])) {
    const at = merged(before[key], typed[key], came[key], path ? `${path}.${key}` : key)
    value[key] = at.value
    clashes.push(...at.clashes)
  }
  return { value, clashes }
}

/** Lists of things with ids: thing by thing, in the order of the form. */
function named(
  before: (Fields & { id: string })[],
  typed: (Fields & { id: string })[],
  came: (Fields & { id: string })[],
  path: string,
): Merged<Fields[]> {
  const value: Fields[] = []
  const clashes: string[] = []
  const of = (all: (Fields & { id: string })[], id: string) => all.find((one) => one.id === id)
  for (const one of typed) {
    const was = of(before, one.id)
    const theirs = of(came, one.id)
    if (!was) value.push(one)
    else if (theirs) {
      const at = merged<Fields>(was, one, theirs, `${path}[${one.id}]`)
      value.push(at.value)
      clashes.push(...at.clashes)
    } else if (!same(one, was)) {
      value.push(one)
      clashes.push(`${path}[${one.id}]`)
    }
  }
  for (const one of came) {
    const was = of(before, one.id)
    if (of(typed, one.id)) continue
    if (!was) value.push(one)
    else if (!same(one, was)) clashes.push(`${path}[${one.id}]`)
  }
  return { value, clashes }
}
