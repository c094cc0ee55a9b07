import type { AnswerOf, BodyOf, ParamsOf, Problem, QueryOf, Route } from '@cadre/contract/http';
import { dropLoneSurrogates } from '@cadre/core/text';
import * as t from './messages';

/** The server answered, and refused. */
export class RefusedError extends Error {
  constructor(readonly problem: Problem) {
    super(problem.code);
    this.name = 'RefusedError';
  }
}

/** Whether the server wants a fresh sign-in before it takes anything: what is here stays until then. */
export const wantsSignIn = (error: unknown): boolean =>
  error instanceof RefusedError &&
  ['session.required', 'session.secret-one-time'].includes(error.problem.code);

/** The server did not answer: no signal, no server. What was to be sent must be kept. */
export class UnreachableError extends Error {
  constructor() {
    super(t.serverDidNotAnswer);
    this.name = 'UnreachableError';
  }
}

interface Sent<R extends Route> {
  readonly params?: ParamsOf<R>;
  readonly query?: Partial<QueryOf<R>>;
  readonly body?: BodyOf<R>;
  /** Sent as it is instead of a body. */
  readonly blob?: Blob;
}

type Listener = (reached: boolean) => void;
const listeners = new Set<Listener>();

/** Tells whether the last request reached the server: how the app learns of a dead network. */
export function onReach(listener: Listener): void {
  listeners.add(listener);
}

type Check = (route: Route, answer: unknown) => void;
let check: Check | null = null;

/** Has every answer checked before anybody reads it, in development; in tests the server checks what it answers. Too heavy to load in a shed. */
export function checkAnswers(by: Check | null): void {
  check = by;
}

const ANSWER_WITHIN_MS = 15_000;
const PHOTO_WITHIN_MS = 60_000;

/** A lone surrogate, left where a field cut an emoji in two, would be refused however often it is sent. */
const withoutLoneSurrogates = (_name: string, value: unknown): unknown =>
  typeof value === 'string' ? dropLoneSurrogates(value) : value;

export async function send<R extends Route>(route: R, sent: Sent<R> = {}): Promise<AnswerOf<R>> {
  return (await sendForText(route, sent)).answer;
}

/** Sends what a route takes; a server that cannot be reached is told to all who listen. */
async function request<R extends Route>(route: R, sent: Sent<R>): Promise<Response> {
  const params = (sent.params ?? {}) as Record<string, string>;
  const query = new URLSearchParams(
    Object.entries(sent.query ?? {}).map(([name, value]) => [name, String(value)]),
  ).toString();
  const path =
    route.path.replace(/:(\w+)/g, (_match, name: string) => encodeURIComponent(params[name] ?? '')) +
    (query && `?${query}`);
  try {
    return await fetch(path, {
      method: route.method,
      headers: {
        ...(sent.blob
          ? { 'content-type': sent.blob.type }
          : sent.body === undefined
            ? {}
            : { 'content-type': 'application/json' }),
      },
      body: sent.blob ?? (sent.body === undefined ? null : JSON.stringify(sent.body, withoutLoneSurrogates)),
      // A photo over a weak signal takes its time.
      signal: AbortSignal.timeout(sent.blob ? PHOTO_WITHIN_MS : ANSWER_WITHIN_MS),
    });
  } catch {
    listeners.forEach((listener) => listener(false));
    throw new UnreachableError();
  }
}

/** The file a route answers with. */
export async function sendForFile<R extends Route>(route: R, sent: Sent<R> = {}): Promise<Blob> {
  const response = await request(route, sent);
  if (response.ok) return response.blob();
  await readAnswer(route, response);
  throw new UnreachableError();
}

/** The answer and the very text it came as, for what is kept as it came. */
export async function sendForText<R extends Route>(
  route: R,
  sent: Sent<R> = {},
): Promise<{ readonly answer: AnswerOf<R>; readonly text: string }> {
  return readAnswer(route, await request(route, sent));
}

/** What the server says, or what it refuses with. */
async function readAnswer<R extends Route>(
  route: R,
  response: Response,
): Promise<{ readonly answer: AnswerOf<R>; readonly text: string }> {
  const isOurs = /json/.test(response.headers.get('content-type') ?? '');
  if (!isOurs) {
    // A proxy's own error page, or a cut-off answer: not the server speaking.
    listeners.forEach((listener) => listener(false));
    throw new UnreachableError();
  }
  let text: string;
  let answer: unknown;
  try {
    text = await response.text();
    answer = JSON.parse(text) as unknown;
  } catch {
    listeners.forEach((listener) => listener(false));
    throw new UnreachableError();
  }
  listeners.forEach((listener) => listener(true));
  if (!response.ok) throw new RefusedError(answer as Problem);
  check?.(route, answer);
  return { answer: answer as AnswerOf<R>, text };
}
