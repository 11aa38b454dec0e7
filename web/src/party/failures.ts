import { NoConnection, RequestRefused } from '@/api/client'

/** The server read it and will say the same next time. */
export const isNotAccepted = (e: unknown) => e instanceof RequestRefused && [400, 422].includes(e.status)

/** No answer, or none that says anything of what was sent: to be tried again. */
export const isAway = (e: unknown) =>
  e instanceof NoConnection || (e instanceof RequestRefused && e.status >= 500)

export const said = (e: unknown) => (e instanceof Error ? e.message : String(e))

/** How long until something that did not get through is tried again [ms]. */
export const RETRY_AFTER_MS = 3000
