import { t } from './texts'

/** A refusal by the server (RFC 9457), with what to correct by field. */
export class Problem extends Error {
  constructor(
    readonly status: number,
    readonly title: string,
    readonly detail: string,
    readonly code: string,
    readonly fields: Record<string, string[]>,
  ) {
    super(title)
  }

  /** Makes a problem of whatever an answer held. */
  static of(status: number, body: unknown): Problem {
    const parts = (typeof body === 'object' && body !== null ? body : {}) as Record<string, unknown>
    const text = (name: string) => (typeof parts[name] === 'string' ? parts[name] : '')
    const title = text('title') || t('serverAnswered', { status: String(status) })
    return new Problem(status, title, text('detail'), text('type'), (parts.errors as Record<string, string[]>) ?? {})
  }

  /** One line for screens that have no fields. */
  get line(): string {
    const first = Object.values(this.fields).flat()[0]
    return [first ?? this.title, first ? '' : this.detail].filter(Boolean).join(' ')
  }
}

/** One line for anything that can be thrown. */
export function lineOf(reason: unknown): string {
  if (reason instanceof Problem) return reason.line
  return t('serverUnreachable')
}
