import type { AnswerOf } from '@cadre/contract/http';
import { timeline } from '@cadre/contract/timeline';
import { send } from '@cadre/web/platform/api';

export type TimelinePage = AnswerOf<typeof timeline>;

/** A page of a bike's timeline: what people tell of, or with what nobody asks for too. */
export function askTimeline(
  bikeId: string,
  {
    before,
    most = 30,
    all = false,
  }: {
    readonly before?: number | undefined;
    readonly most?: number | undefined;
    readonly all?: boolean;
  } = {},
): Promise<TimelinePage> {
  return send(timeline, {
    params: { id: bikeId },
    query: { ...(before === undefined ? {} : { before }), kinds: all ? 'all' : 'told', most },
  });
}
