import { computed, ref, type ComputedRef, type Ref } from 'vue';
import { v7 as newId } from 'uuid';
import { addGroup } from '@cadre/contract/schedule';
import {
  readGroupLines,
  readWants,
  siteDay,
  siteTimeOn,
  type GroupLine,
  type Want,
} from '@cadre/core/schedule';
import { clock } from '@cadre/web/platform/time';
import { useAct } from '@cadre/web/platform/act';
import { wantText } from './wording';
import * as t from './messages';

/** A group about to be added, as typed: nothing of it is lost to a refusal. */
export interface GroupDraft {
  readonly id: string;
  name: string;
  day: string;
  out: string;
  back: string;
  bikes: string;
}

export interface ReadDraft {
  readonly wants: readonly Want[];
  readonly unread: readonly string[];
  readonly wrong: readonly string[];
  readonly outAt: number;
  readonly backAt: number;
}

const CLOCK = /^([01]\d|2[0-3]):[0-5]\d$/;

/** What a draft says, and everything still wrong with it. */
export function readDraft(draft: GroupDraft, timeZone: string): ReadDraft {
  const { wants, unread } = readWants(draft.bikes);
  const timed = CLOCK.test(draft.out) && CLOCK.test(draft.back) && /^\d{4}-\d{2}-\d{2}$/.test(draft.day);
  const outAt = timed ? siteTimeOn(draft.day, timeZone, draft.out) : 0;
  const backAt = timed ? siteTimeOn(draft.day, timeZone, draft.back) : 0;
  const wrong = [
    ...(draft.name.trim() === '' ? [t.enterName] : []),
    ...(timed ? [] : [t.enterDepartureReturnTime]),
    ...(timed && backAt <= outAt ? [t.returnBeforeDeparture] : []),
    ...unread.map((piece) => t.pieceNotUnderstoodWrite({ piece })),
    ...(wants.length === 0 && unread.length === 0 ? [t.enterNumberBikes] : []),
  ];
  return { wants, unread, wrong, outAt, backAt };
}

export interface GroupDrafts {
  readonly drafts: Ref<GroupDraft[]>;
  readonly ready: ComputedRef<readonly GroupDraft[]>;
  read(draft: GroupDraft): ReadDraft;
  takeLines(text: string, day: string): void;
  takeCalendar(
    groups: readonly {
      name: string;
      outAt: number;
      backAt: number;
      wants: readonly Want[];
      unread: readonly string[];
    }[],
  ): void;
  /** Adds every draft that is whole; what is not stays. */
  add(siteId: string): Promise<number>;
}

export function useGroupDrafts(timeZone: ComputedRef<string>): GroupDrafts {
  const drafts = ref<GroupDraft[]>([]);
  const act = useAct();
  const read = (draft: GroupDraft): ReadDraft => readDraft(draft, timeZone.value);
  const ready = computed(() => drafts.value.filter((draft) => read(draft).wrong.length === 0));
  const draftOf = (line: GroupLine, day: string): GroupDraft => ({
    id: newId(),
    name: line.name,
    day: line.day ?? day,
    out: line.out ?? '',
    back: line.back ?? '',
    bikes: [wantText(line.wants), ...line.unread].filter(Boolean).join(', '),
  });

  function takeLines(text: string, day: string): void {
    drafts.value = [...drafts.value, ...readGroupLines(text).map((line) => draftOf(line, day))];
  }
  function takeCalendar(groups: Parameters<GroupDrafts['takeCalendar']>[0]): void {
    drafts.value = [
      ...drafts.value,
      ...groups.map((group) => ({
        id: newId(),
        name: group.name,
        day: siteDay(group.outAt, timeZone.value),
        out: clock(group.outAt, timeZone.value),
        back: clock(group.backAt, timeZone.value),
        bikes: [wantText(group.wants), ...group.unread].filter(Boolean).join(', '),
      })),
    ];
  }
  async function add(siteId: string): Promise<number> {
    let added = 0;
    for (const draft of ready.value) {
      const { wants, outAt, backAt } = read(draft);
      await act(addGroup, {
        body: {
          id: draft.id,
          siteId,
          name: draft.name.trim(),
          outAt,
          backAt,
          wants: wants.map((want) => ({ ...want })),
        },
      });
      drafts.value = drafts.value.filter((each) => each.id !== draft.id);
      added += 1;
    }
    return added;
  }
  return { drafts, ready, read, takeLines, takeCalendar, add };
}
