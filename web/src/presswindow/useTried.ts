import { computed, shallowRef, watch, type Ref } from 'vue'
import type { StackData } from '@/api/client'
import type { Story } from '@/heat/curves'
import type { StackNow } from '@/stack/stackNow'
import { stackAt, storyAt } from './pressWindow'
import type { Tried } from './WindowPanel.vue'

/**
 * What is tried at Press, until it is kept or left: the Stack and the heat story show it.
 *
 * @param stack as it is planned
 * @param over ends the trial when it changes
 * @param name of the press in its story
 */
export function useTried(stack: Ref<StackData | null>, over: () => unknown, name: () => string) {
  const tried = shallowRef<Tried | null>(null)
  /** The moment of the heat story that is looked at. */
  const now = shallowRef<StackNow | null>(null)
  watch(over, () => (tried.value = null))

  const triedStack = computed(() => {
    const trial = tried.value
    if (!trial || !stack.value) return stack.value
    return trial.setting?.stack ?? stackAt(trial.window, stack.value, trial.point)
  })
  /** While a point of the window is moved, the press alone; the whole story once it is let go. */
  const told = computed(() => {
    const trial = tried.value
    return {
      told: trial?.setting?.told ?? null,
      moved:
        trial && !trial.setting ? (story: Story) => storyAt(trial.window, story, trial.point, name()) : null,
    }
  })
  return { tried, now, triedStack, told }
}
