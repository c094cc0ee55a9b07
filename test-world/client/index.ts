import { v7 as newId } from 'uuid';
import { getChecklist, listChecklists, type PolicyChoices } from '@cadre/contract/catalogue';
import { publishPolicy } from '@cadre/contract/policy';
import type { ChecklistVersion } from '@cadre/core/catalogue';
import type { AnswerOf, BodyOf, ParamsOf, Problem, QueryOf, Route } from '@cadre/contract/http';
import { signIn } from '@cadre/contract/people';

/** What a refused request is thrown as: the problem the server told. */
export class ProblemError extends Error {
  constructor(
    readonly status: number,
    readonly problem: Problem,
  ) {
    super(`${status} ${problem.code} ${JSON.stringify(problem.fields ?? problem.params ?? '')}`);
    this.name = 'ProblemError';
  }
}

interface Sent<R extends Route> {
  readonly params?: ParamsOf<R>;
  readonly query?: Partial<QueryOf<R>>;
  readonly body?: BodyOf<R>;
}

/** A client of the interface as contracts describe it, with cookies of its own, like a browser. */
export class Client {
  cookie = '';
  /** The secret by which the server knows this browser. */
  device = '';

  constructor(readonly base: string) {}

  async signIn(signInName: string, secret: string): Promise<string> {
    const { person } = await this.send(signIn, { body: { signInName, secret } });
    return person.id;
  }

  /** Sends any contract and answers the raw response, for what a typed call cannot say. */
  async raw(
    method: string,
    path: string,
    body?: unknown,
    headers: Record<string, string> = {},
  ): Promise<Response> {
    const response = await fetch(this.base + path, {
      method,
      headers: {
        cookie: [this.cookie, this.device].filter(Boolean).join('; '),
        ...(body === undefined ? {} : { 'content-type': 'application/json' }),
        ...headers,
      },
      ...(body === undefined
        ? {}
        : {
            body:
              typeof body === 'string' || body instanceof Uint8Array
                ? (body as BodyInit)
                : JSON.stringify(body),
          }),
    });
    for (const each of response.headers.getSetCookie()) {
      const [cookie = ''] = each.split(';');
      if (cookie.startsWith('cadre_session=')) this.cookie = cookie;
      if (cookie.startsWith('cadre_device=')) this.device = cookie;
    }
    return response;
  }

  async send<R extends Route>(route: R, sent: Sent<R> = {}): Promise<AnswerOf<R>> {
    const params = (sent.params ?? {}) as Record<string, string>;
    const path = route.path.replace(/:(\w+)/g, (_match, name: string) => params[name] ?? '');
    const query = new URLSearchParams(
      Object.entries(sent.query ?? {}).map(([name, value]) => [name, String(value)]),
    ).toString();
    const response = await this.raw(route.method, query ? `${path}?${query}` : path, sent.body);
    const answer = (await response.json()) as unknown;
    if (!response.ok) throw new ProblemError(response.status, answer as Problem);
    return answer as AnswerOf<R>;
  }
}

/** Every published checklist whole, by its key. */
export async function readChecklists(
  client: Client,
): Promise<Map<string, { hash: string; checklist: ChecklistVersion }>> {
  const { checklists } = await client.send(listChecklists);
  const whole = await Promise.all(
    checklists.map(({ hash }) => client.send(getChecklist, { params: { hash } })),
  );
  return new Map(whole.map(({ hash, checklist }) => [checklist.key, { hash, checklist: checklist }]));
}

/** What the lead would send to change some choices of the policy in force and leave the others. */
export async function changePolicy(
  client: Client,
  part: Partial<PolicyChoices>,
  note = 'changed',
): Promise<AnswerOf<typeof publishPolicy>> {
  const { policy } = await client.send(listChecklists);
  const { schema: _schema, version: _version, note: _note, ...choices } = policy.policy;
  return client.send(publishPolicy, {
    body: { id: newId(), base: policy.hash, policy: { ...choices, ...part }, note },
  });
}
