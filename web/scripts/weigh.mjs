// Weighs the entries' first loads, gzipped, and fails where one is over its limit.
import { readFileSync } from 'node:fs'
import { gzipSync } from 'node:zlib'

const limits = { 'index.html': 450, 'hall.html': 180 }
const manifest = JSON.parse(readFileSync('dist/.vite/manifest.json', 'utf8'))
const weight = (file) => gzipSync(readFileSync(`dist/${file}`), { level: 9 }).length

/** The scripts and styles of a chunk and of all it imports at once. */
function files(key, seen = new Set()) {
  const chunk = manifest[key]
  for (const file of [chunk.file, ...(chunk.css ?? [])]) seen.add(file)
  for (const imported of chunk.imports ?? []) if (!seen.has(manifest[imported].file)) files(imported, seen)
  return seen
}

/** The desk's heaviest page is the unit's: its own chunk comes on top of the entry. */
const entries = { 'index.html': ['index.html', 'src/unit/UnitPage.tsx'], 'hall.html': ['hall.html'] }
let tooHeavy = false
for (const [entry, keys] of Object.entries(entries)) {
  const all = new Set(keys.flatMap((key) => [...files(key)]))
  const kilobytes = [...all].reduce((sum, file) => sum + weight(file), 0) / 1000
  console.log(`${keys.at(-1)}: ${kilobytes.toFixed(0)} kB gzipped, at most ${limits[entry]}`)
  tooHeavy ||= kilobytes > limits[entry]
}
process.exit(tooHeavy ? 1 : 0)
