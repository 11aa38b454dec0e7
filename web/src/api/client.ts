import createClient from 'openapi-fetch'
import { newId } from '@/ui/newId'
import type { paths } from './schema'

/** What the server says when it cannot do something (RFC 9457). */
export interface Problem {
  title?: string
  status?: number
  detail?: string
  field?: string
  accepted?: string
}

/** A refused request with its problem. */
export class RequestRefused extends Error {
  constructor(
    readonly status: number,
    readonly problem: Problem & Record<string, unknown>,
  ) {
    super(problem.detail ?? problem.title ?? `The server answered ${status}.`)
  }
}

/** The server did not answer at all. */
export class NoConnection extends Error {
  constructor() {
    super('No connection to the server.')
  }
}

function cookie(name: string): string {
  const found = document.cookie.split('; ').find((part) => part.startsWith(`${name}=`))
  return found ? decodeURIComponent(found.slice(name.length + 1)) : ''
}

/** `fetch` is looked up at each call: a test may put its own server there. */
export const api = createClient<paths>({ baseUrl: '', fetch: (request) => fetch(request) })

/** By this name the server knows that a page asked anew, and gives up what it asked before. */
const PAGE = newId()

/** How far the server's clock is ahead of this device's [ms]. */
let ahead = 0
/** Less is what a message may have been on its way [ms]. */
const CLOCKS_AGREE = 2000

/** What the server's clock says [ms]: seconds of the evening count by it, whatever this device believes. */
export const serverNow = (): number => Date.now() + ahead

api.use({
  onResponse({ response }) {
    const now = response.headers.get('Ladle-Now')
    if (!now) return
    const off = Date.parse(now) - Date.now()
    ahead = Math.abs(off) > CLOCKS_AGREE ? off : 0
  },
  onRequest({ request }) {
    request.headers.set('Ladle-Page', PAGE)
    if (request.method !== 'GET') request.headers.set('X-XSRF-TOKEN', cookie('XSRF-TOKEN'))
    return request
  },
})

/** What the server says to be nothing is left out, as the types have it. Changes what it is given. */
function withoutNulls(value: unknown): unknown {
  if (Array.isArray(value)) value.forEach(withoutNulls)
  else if (value && typeof value === 'object')
    for (const [key, part] of Object.entries(value)) {
      if (part === null) Reflect.deleteProperty(value, key)
      else withoutNulls(part)
    }
  return value
}

/** Unwraps an answer, or throws {@link RequestRefused} or {@link NoConnection}. */
export async function ask<T>(
  request: Promise<{ data?: T; error?: unknown; response: Response }>,
): Promise<T> {
  const { data, error, response } = await request.catch(() => {
    throw new NoConnection()
  })
  if (!response.ok) {
    throw new RequestRefused(response.status, (error ?? {}) as Problem & Record<string, unknown>)
  }
  return withoutNulls(data) as T
}
