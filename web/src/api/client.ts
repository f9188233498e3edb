/** One wrong field: a JSON pointer and a sentence. */
export interface FieldError {
  pointer: string
  sentence: string
}

/** The server said no, in a sentence. */
export class Refusal extends Error {
  constructor(
    readonly status: number,
    sentence: string,
    readonly errors: FieldError[] = [],
    readonly current: { version: number; value: unknown } | null = null,
    /** With 412: everything laid together, what both changed taken from one side. */
    readonly both: { mine: unknown; theirs: unknown } | null = null,
  ) {
    super(sentence)
  }
}

/** The server did not answer at all, or can't take anything just now. */
export class Unreachable extends Error {
  constructor(sentence = 'The workshop’s computer does not answer.') {
    super(sentence)
  }
}

/** Statuses that pass by themselves: too many at once, disk full. */
const PASSING = [503, 507]

function csrf(): Record<string, string> {
  const cookie = document.cookie.split('; ').find((part) => part.startsWith('XSRF-TOKEN='))
  return cookie ? { 'X-XSRF-TOKEN': decodeURIComponent(cookie.slice('XSRF-TOKEN='.length)) } : {}
}

async function answer(path: string, init: RequestInit): Promise<Response> {
  let response: Response
  try {
    response = await fetch(path, { credentials: 'same-origin', ...init })
  } catch {
    throw new Unreachable()
  }
  if (response.ok || response.status === 304) return response
  const problem = await response.json().catch(() => null)
  if (!problem && response.status >= 502) throw new Unreachable()
  if (PASSING.includes(response.status)) throw new Unreachable(problem?.title)
  throw new Refusal(
    response.status,
    problem?.title ?? `The server answered ${response.status}.`,
    problem?.errors ?? [],
    problem?.current ?? null,
    problem?.both ?? null,
  )
}

async function json<T>(response: Response): Promise<T> {
  const text = await response.text()
  return (text ? JSON.parse(text) : undefined) as T
}

export async function get<T>(path: string): Promise<T> {
  return json<T>(await answer(path, {}))
}

/** What is at an address with its tag; null where it is what the tag says. */
export async function getIfOther<T>(
  path: string,
  tag: string,
): Promise<{ value: T; tag: string } | null> {
  const response = await answer(path, { headers: tag ? { 'If-None-Match': tag } : {} })
  if (response.status === 304) return null
  return { value: await json<T>(response), tag: response.headers.get('ETag') ?? '' }
}

export async function send<T>(
  method: 'POST' | 'PUT' | 'DELETE',
  path: string,
  body?: unknown,
  version?: number,
  act?: string,
): Promise<T> {
  const headers: Record<string, string> = { ...csrf() }
  if (body !== undefined) headers['Content-Type'] = 'application/json'
  if (version !== undefined) headers['If-Match'] = `"${version}"`
  if (act) headers['X-Act'] = act
  return json<T>(
    await answer(path, {
      method,
      headers,
      body: body === undefined ? undefined : JSON.stringify(body),
    }),
  )
}

/** Sends a file or text as it is. */
export async function upload<T>(path: string, body: FormData | string, type?: string): Promise<T> {
  const headers: Record<string, string> = { ...csrf() }
  if (type) headers['Content-Type'] = type
  return json<T>(await answer(path, { method: 'POST', headers, body }))
}

/** An id nobody else makes. */
export function newId(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(12))
  return [...bytes].map((byte) => byte.toString(16).padStart(2, '0')).join('')
}
