// Adds up what the test runners reported: passed, failed, skipped.
const fs = require('node:fs')

let passed = 0
let failed = 0
let skipped = 0
for (const module of ['core', 'know-how', 'planner', 'browser', 'server', 'e2e']) {
  const folder = `${module}/target/surefire-reports`
  for (const file of fs.existsSync(folder) ? fs.readdirSync(folder) : []) {
    if (!file.startsWith('TEST-')) continue
    const head = fs.readFileSync(`${folder}/${file}`, 'utf8').match(/<testsuite [^>]*>/)[0]
    const count = (name) => Number(head.match(new RegExp(` ${name}="(\\d+)"`))?.[1] ?? 0)
    const bad = count('errors') + count('failures')
    passed += count('tests') - bad - count('skipped')
    failed += bad
    skipped += count('skipped')
  }
}
if (fs.existsSync('web/target/tests.json')) {
  const web = JSON.parse(fs.readFileSync('web/target/tests.json', 'utf8'))
  passed += web.numPassedTests
  failed += web.numFailedTests
  skipped += web.numPendingTests
}
console.log(passed, failed, skipped)
