import { v7 as newId } from 'uuid';
import type { AnswerOf, BodyOf, ParamsOf, Route } from '@cadre/contract/http';
import type { Proof } from '@cadre/core/authorship';
import { RefusedError, send } from '@cadre/web/platform/api';

/** What is sent: the act's id is put to it, unless the thing it makes has one already. */
export interface ActSent<R> {
  readonly params?: ParamsOf<R>;
  readonly body: Omit<BodyOf<R>, 'id'> & { readonly id?: string };
  /** Signs what is sent, where its author's key is open here. */
  readonly prove?: (body: object) => Promise<{ readonly proof?: Proof }>;
}

/** `of`: which thing it is about, where one form acts on several and the address does not say. */
export type SendAct = <R extends Route>(route: R, sent: ActSent<R>, of?: string) => Promise<AnswerOf<R>>;

/** The server is sure that it did nothing: a crash on its side leaves that open. */
const isRefused = (error: unknown): boolean => error instanceof RefusedError && error.problem.status < 500;
const isUsed = (error: unknown): boolean =>
  error instanceof RefusedError && error.problem.code === 'conflict.id-reused';

const withoutTime = (body: object): string => JSON.stringify({ ...body, at: null });

/**
 * How the web writes: an act has one id and one body until it is answered, so that "Try again" after a lost answer never does it twice. What was typed
 * otherwise meanwhile goes out under the same id: the server refuses it when the first had arrived, and says what stands. One for each form, store or row of buttons,
 * for as long as it is open.
 */
export function useAct(): SendAct {
  const unanswered = new Map<string, object & { readonly id: string }>();
  return async (route, { params, body, prove }, of = '') => {
    const place = JSON.stringify([route.name, params ?? null, body.id ?? of]);
    const before = unanswered.get(place);
    const stamped = { ...body, id: body.id ?? before?.id ?? newId() };
    // The moment it happened is that of the first try.
    const sending = before && withoutTime(before) === withoutTime(stamped) ? before : stamped;
    unanswered.set(place, sending);
    try {
      const answer = await send(route, {
        ...(params === undefined ? {} : { params }),
        body: { ...sending, ...(await prove?.(sending)) } as BodyOf<typeof route>,
      });
      unanswered.delete(place);
      return answer;
    } catch (error) {
      // Refused, nothing was done: it keeps its id and begins anew with what is sent next. An id that was used has done its work.
      if (isRefused(error)) unanswered.set(place, { id: stamped.id });
      if (isUsed(error)) unanswered.delete(place);
      throw error;
    }
  };
}
