// Installs what the lock file names, unless just that is installed already.
import { execFileSync } from 'node:child_process'
import { createHash } from 'node:crypto'
import { existsSync, readFileSync, writeFileSync } from 'node:fs'

const STAMP = 'node_modules/.installed-from'
const lock = createHash('sha256').update(readFileSync('package-lock.json')).digest('hex')

if (!existsSync(STAMP) || readFileSync(STAMP, 'utf8') !== lock) {
  execFileSync('npm', ['ci', '--no-progress', '--loglevel=error'], { stdio: 'inherit' })
  writeFileSync(STAMP, lock)
}
