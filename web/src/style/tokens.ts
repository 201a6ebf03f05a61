import css from './tokens.css?raw'

/** The colours of tokens.css, for the control library and for scales that need the value itself. */
export type Tokens = (name: string) => string

function block(selector: string): Map<string, string> {
  const from = css.indexOf('{', css.indexOf(selector))
  const lines = css.slice(from, css.indexOf('}', from)).matchAll(/--([\w-]+):\s*([^;]+);/g)
  return new Map([...lines].map(([, name, value]) => [name ?? '', value ?? '']))
}

const base = block(':root {')

/**
 * @param selector of the block that overrides the first one
 * @returns the value of a token; a name that is not there is a mistake of ours and throws
 */
export function tokensOf(selector?: string): Tokens {
  const own = selector ? block(selector) : new Map<string, string>()
  return (name) => {
    const value = own.get(name) ?? base.get(name)
    if (!value) throw new Error(`no token --${name}`)
    return value
  }
}
