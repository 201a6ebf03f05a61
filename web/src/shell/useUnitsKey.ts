import { useUnits } from '@/quantity/units'
import { useKey } from './keys'

export function useUnitsKey() {
  const { next } = useUnits()
  useKey('u', next)
}
