import { useLocalStorage } from '@vueuse/core'

/** Three short tones. A browser lets a page sound only after a touch or a key, so `unlock` is called at each one. */
export function useBeep() {
  const sound = useLocalStorage('kettle.sound', true)
  let audio: AudioContext | null = null

  function unlock() {
    audio ??= new AudioContext()
    if (audio.state === 'suspended') void audio.resume()
  }

  function tone(at: number) {
    if (!audio) return
    const oscillator = audio.createOscillator()
    const volume = audio.createGain()
    oscillator.frequency.value = 880
    volume.gain.setValueAtTime(0.4, at)
    volume.gain.exponentialRampToValueAtTime(0.001, at + 0.28)
    oscillator.connect(volume).connect(audio.destination)
    oscillator.start(at)
    oscillator.stop(at + 0.3)
  }

  function beep() {
    if (!sound.value) return
    unlock()
    if (!audio) return
    for (let n = 0; n < 3; n++) tone(audio.currentTime + n * 0.4)
  }

  return { sound, unlock, beep }
}
