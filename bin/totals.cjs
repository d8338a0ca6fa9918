// Adds up what the test runners reported: passed, failed, skipped; then each test that failed, with why, a line each.
const fs = require('node:fs')

let passed = 0
let failed = 0
let skipped = 0
const failures = []
const line = (text) => text.replace(/\u001b\[\d+m/g, '').trim().split('\n')[0].slice(0, 300)
for (const module of ['core', 'know-how', 'planner', 'browser', 'server', 'e2e']) {
  const folder = `${module}/target/surefire-reports`
  for (const file of fs.existsSync(folder) ? fs.readdirSync(folder) : []) {
    if (!file.startsWith('TEST-')) continue
    const text = fs.readFileSync(`${folder}/${file}`, 'utf8')
    const head = text.match(/<testsuite [^>]*>/)[0]
    const count = (name) => Number(head.match(new RegExp(` ${name}="(\\d+)"`))?.[1] ?? 0)
    const bad = count('errors') + count('failures')
    passed += count('tests') - bad - count('skipped')
    failed += bad
    skipped += count('skipped')
    for (const [, name, of, why] of text.matchAll(
      /<testcase name="([^"]*)" classname="([^"]*)"[^>]*>\s*<(?:failure|error)(?: message="([^"]*)")?/g,
    ))
      failures.push(`${of}.${name}: ${line((why ?? 'no message').replaceAll('&#10;', '\n'))}`)
  }
}
if (fs.existsSync('web/target/tests.json')) {
  const web = JSON.parse(fs.readFileSync('web/target/tests.json', 'utf8'))
  passed += web.numPassedTests
  failed += web.numFailedTests
  skipped += web.numPendingTests
  for (const suite of web.testResults) {
    const file = suite.name.replace(/.*\/src\//, '')
    if (suite.status === 'failed' && suite.assertionResults.length === 0)
      failures.push(`${file}: ${line(suite.message)}`)
    for (const test of suite.assertionResults)
      if (test.status === 'failed')
        failures.push(`${file}: ${test.fullName}: ${line(test.failureMessages[0] ?? '')}`)
  }
}
console.log([`${passed} ${failed} ${skipped}`, ...failures].join('\n'))
