import { vi } from 'vitest';

interface Sent {
  readonly at: string;
  readonly body: Record<string, unknown>;
}

export interface Fetched {
  /** What was sent, in its order: method and path, and its body. */
  readonly sent: Sent[];
  /** What each act is answered from now on: a body, or a refusal. Whatever has no answer finds no server. */
  readonly answers: Record<string, (body: Record<string, unknown>) => unknown>;
}

/** A refusal as the server gives it. */
export class Refusal {
  constructor(
    readonly code: string,
    readonly fields: readonly {
      readonly path: string;
      readonly code: string;
      readonly params?: object;
    }[] = [],
    readonly status = 409,
  ) {}
}

/** Stands in for the server in a view's test. `vi.unstubAllGlobals()` ends it. */
export function fetched(answers: Fetched['answers'] = {}): Fetched {
  const sent: Sent[] = [];
  vi.stubGlobal('fetch', (path: string, { method, body }: { method: string; body: string | null }) => {
    const at = `${method} ${path}`;
    const said = body === null ? {} : (JSON.parse(body) as Record<string, unknown>);
    sent.push({ at, body: said });
    const answer = answers[at];
    if (!answer) return Promise.reject(new TypeError(`nothing answers ${at}`));
    const told = answer(said);
    const [status, content] =
      told instanceof Refusal
        ? [told.status, { type: 't', status: told.status, code: told.code, params: {}, fields: told.fields }]
        : [200, told];
    return Promise.resolve(
      new Response(JSON.stringify(content), { status, headers: { 'content-type': 'application/json' } }),
    );
  });
  return { sent, answers };
}
