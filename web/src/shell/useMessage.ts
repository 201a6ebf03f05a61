import type { MessageInstance } from 'ant-design-vue/es/message/interface'
import { inject, type InjectionKey } from 'vue'

/** Where a short message is said that goes away by itself. */
export const MESSAGE: InjectionKey<MessageInstance> = Symbol('message')

/** Nobody hears it where no application stands round a component, as in a test of it alone. */
export function useMessage(): Pick<MessageInstance, 'info' | 'error' | 'success'> {
  const silent = (() => undefined) as unknown as MessageInstance['info']
  return inject(MESSAGE, () => ({ info: silent, error: silent, success: silent }) as MessageInstance, true)
}
