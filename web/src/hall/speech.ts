/** Whether this device can read aloud. Its voices are its own: nothing is loaded. */
export const canSpeak = () => typeof window !== 'undefined' && 'speechSynthesis' in window

/** Reads aloud; what was read before stops. */
export function speak(text: string) {
  hush()
  const said = new SpeechSynthesisUtterance(text)
  said.lang = 'en-GB'
  said.rate = 0.95
  window.speechSynthesis.speak(said)
}

export const hush = () => window.speechSynthesis?.cancel()
