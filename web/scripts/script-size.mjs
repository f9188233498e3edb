// Prints the gzipped script of the first screen, and fails when it is over 250 KB.
import { readFileSync, readdirSync } from 'node:fs'
import { gzipSync } from 'node:zlib'

const LIMIT_KB = 250
const page = readFileSync('dist/index.html', 'utf8')
const assets = readdirSync('dist/assets')
const first = new Set([...page.matchAll(/assets\/([\w.-]+\.js)/g)].map((match) => match[1]))
assets
  .filter((name) => name.startsWith('YardScreen') && name.endsWith('.js'))
  .forEach((name) => first.add(name))
for (const name of first) {
  const source = readFileSync(`dist/assets/${name}`, 'utf8')
  for (const match of source.matchAll(/(?:from|import)\s*["']\.\/([\w.-]+\.js)["']/g))
    first.add(match[1])
}
const kilobytes =
  [...first].reduce((sum, name) => sum + gzipSync(readFileSync(`dist/assets/${name}`)).length, 0) /
  1024
console.log(
  `First screen: ${kilobytes.toFixed(1)} KB of script gzipped in ${first.size} files (limit ${LIMIT_KB})`,
)
if (kilobytes > LIMIT_KB) process.exit(1)
