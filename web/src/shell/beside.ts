import { inject, ref, type InjectionKey, type Ref } from 'vue'

/** Whether the thing itself stands beside the work; without a ticket's page round it, it stays where it is told. */
export const BESIDE: InjectionKey<Ref<boolean>> = Symbol('beside')

export const useBeside = () => inject(BESIDE, ref(false))
