import { useUnits } from '@/quantity/units'
import { useKey } from './keys'

export function useUnitsKey() {
  const { turnBoth } = useUnits()
  useKey('u', turnBoth)
}
