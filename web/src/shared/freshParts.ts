const STAMP = 'isokinet.reloaded at'
const PATIENCE = 60_000

/**
 * After an update an open page may ask for parts that are gone: then it loads anew, once, and gets the new page.
 *
 * @param reload loads the page anew
 * @param now milliseconds
 */
export function reloadWhenPartsAreGone(
  reload: () => void = () => window.location.reload(),
  now: () => number = Date.now,
) {
  window.addEventListener('vite:preloadError', (event) => {
    const last = Number(sessionStorage.getItem(STAMP) ?? 0)
    // Gone again at once: loading anew does not help, and the page says what failed.
    if (now() - last < PATIENCE) return
    event.preventDefault()
    sessionStorage.setItem(STAMP, String(now()))
    reload()
  })
}
