/** Signals made by the device itself: nothing is loaded, so they sound with no network. */

let context: AudioContext | undefined

function audio(): AudioContext | undefined {
  // Browsers allow sound from the first press on; a device without it stays silent and flashes.
  if (typeof AudioContext === 'undefined') return undefined
  context ??= new AudioContext()
  void context.resume()
  return context
}

/** @param pitch in Hz @param seconds how long @param after from now, in seconds */
function tone(pitch: number, seconds: number, after = 0, loud = 0.6) {
  const on = audio()
  if (!on) return
  const at = on.currentTime + after
  const gain = on.createGain()
  gain.gain.setValueAtTime(0, at)
  gain.gain.linearRampToValueAtTime(loud, at + 0.01)
  gain.gain.setValueAtTime(loud, at + seconds - 0.03)
  gain.gain.linearRampToValueAtTime(0, at + seconds)
  const sound = on.createOscillator()
  sound.type = 'square'
  sound.frequency.value = pitch
  sound.connect(gain).connect(on.destination)
  sound.start(at)
  sound.stop(at + seconds)
}

/** Two long high tones: everybody stands still. */
export function stopSignal() {
  tone(1760, 0.5)
  tone(1760, 0.7, 0.6)
}

export const beatSignal = () => tone(660, 0.06, 0, 0.3)
export const goSignal = () => tone(1320, 0.35)
export const readySignal = () => tone(440, 0.18, 0, 0.4)
/** A stretch is over. */
export const overSignal = () => tone(880, 0.25, 0, 0.4)
