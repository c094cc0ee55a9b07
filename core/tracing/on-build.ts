import { asksAbout, holds, PAIRED, type Fitted, type Position } from '@cadre/core/catalogue';
import type { Trace } from './trace';

/** What a build leaves of a trace: causes and questions that cannot be on this bike are gone. */
export function traceOn(trace: Trace, fitted: Fitted | null, position: Position = 'only'): Trace {
  if (!fitted) return trace;
  const here = <T extends { readonly applies?: Trace['applies'] }>(each: T): boolean =>
    !each.applies || holds(each.applies, fitted, trace.at ?? position);
  const causes = trace.causes.filter(here);
  return { ...trace, causes, questions: trace.questions.filter(here) };
}

/** Whether it matters at which end of the bike it is: front and rear may be built otherwise. */
export function asksWhichEnd({ applies, at, causes, questions }: Trace): boolean {
  if (at) return false;
  const rules = [applies, ...causes.map((each) => each.applies), ...questions.map((each) => each.applies)];
  return rules.some((rule) => rule !== undefined && PAIRED.some((field) => asksAbout(rule, field)));
}
