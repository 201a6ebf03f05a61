import { computed, shallowRef, type Ref } from 'vue'
import type { StackData } from '@/api/client'
import type { Story } from '@/heat/curves'
import type { StackNow } from '@/stack/stackNow'
import { stackAt, storyAt } from './pressWindow'
import type { Tried } from './WindowPanel.vue'

/**
 * What is tried at Press, as the Stack and the heat story show it.
 *
 * @param tried the point of the window; null where nothing is tried
 * @param stack as it is planned
 * @param name of the press in its story
 */
export function useTried(tried: Ref<Tried | null>, stack: Ref<StackData | null>, name: () => string) {
  /** The moment of the heat story that is looked at. */
  const now = shallowRef<StackNow | null>(null)

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
  return { now, triedStack, told }
}
