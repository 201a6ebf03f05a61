import { Problem } from '@/api/client'

export const BYTES = {
  bodySerializer: (body: unknown) => body as BodyInit,
  headers: { 'Content-Type': 'application/octet-stream' },
}

/** The generated types know files as text. */
export const asBody = (file: File) => file as unknown as string

/** The files that were picked, so that the same ones can be picked again. */
export function allPicked(event: Event): File[] {
  const input = event.target as HTMLInputElement
  const files = [...(input.files ?? [])]
  input.value = ''
  return files
}

/** The file that was picked, where one is asked for. */
export const picked = (event: Event): File | null => allPicked(event)[0] ?? null

export const said = (e: unknown) => (e instanceof Problem ? e.message : String(e))

/** The time zone of this machine: what dates without one are in. */
export const zone = () => Intl.DateTimeFormat().resolvedOptions().timeZone
