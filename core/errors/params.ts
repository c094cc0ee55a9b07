import type { ErrorCode, ErrorParams } from './index';

/** What may be asked for and not be there. */
export type NotFound =
  | 'address'
  | 'assessment'
  | 'bike'
  | 'campaign'
  | 'chain'
  | 'check'
  | 'checklist'
  | 'equipment'
  | 'event'
  | 'finding'
  | 'group'
  | 'kit'
  | 'model'
  | 'not-reassembled'
  | 'part'
  | 'part-in-stock'
  | 'person'
  | 'photo'
  | 'program'
  | 'rack'
  | 'recheck'
  | 'service'
  | 'repair'
  | 'report'
  | 'round'
  | 'route'
  | 'site'
  | 'sound'
  | 'trace';

/** What the words of a code name. A code that is not here says the same each time; what else is sent with it is for programs. */
export interface ShownParams {
  'session.throttled': { readonly minutes: number };
  'act.not-allowed': { readonly trainee?: boolean };
  'not-found': { readonly what: NotFound };
  'body.too-large': { readonly limitKb: number };
  'tag.taken': { readonly tag: string };
  'hook.taken': { readonly tag: string };
  'model.name-taken': { readonly name: string };
  'rack.not-empty': { readonly bikes: number };
  'rack.hooks-taken': { readonly tags: readonly string[] };
  'checklist.critical-dropped': { readonly checkpoints: readonly string[] };
  'round.bike-twice': { readonly tags: readonly string[] };
  'round.undone-unsaid': { readonly tags: readonly string[] };
  'photo.too-wide': { readonly width: number; readonly height: number; readonly most: number };
  'photo.too-many': { readonly most: number };
  'hand-out.not-fit': { readonly tag: string; readonly fitness: string };
  'hand-out.not-in': { readonly tag: string };
  'take-back.not-out': { readonly tag: string };
  'group.over': { readonly name: string };
  'calendar.host-not-set': { readonly host: string };
  'calendar.private-address': { readonly host: string };
  'calendar.no-answer': { readonly host: string; readonly status: number };
  'kit.not-in': { readonly tag: string };
  'kit.not-out': { readonly tag: string };
  'kit.not-ready': { readonly tag: string; readonly problem: string };
  'kit.packed-for-other': { readonly tag: string; readonly name: string };
  'kit.withdrawn': { readonly tag: string };
  'sound.refused': { readonly problem: string };
  'equipment.withdrawn': { readonly tag: string };
  'finding.still-asked': { readonly fault: string };
  'merge.other-look': { readonly checkpoints: readonly string[] };
  'stock.not-enough': { readonly name: string; readonly onHand: number; readonly count: number };
  'stock.below-nothing': { readonly name: string; readonly onHand: number };
  'repair.over-torque': { readonly value: number; readonly most: number };
  'hang-tag.hangs-already': { readonly hangTag: string };
  'assessment.not-priced': { readonly faults: readonly string[] };
  'repair.finding-in-work': { readonly fault: string };
  'recheck.second-person': { readonly faults: readonly string[] };
  'release.hang-tag-out': { readonly hangTag: string };
  'release.not-ready': { readonly blocks: readonly string[] };
}

/** The parameters of a refusal by its code: those its words need, and more where a program wants them. */
type ParamsOf<C extends ErrorCode> = C extends keyof ShownParams ? ShownParams[C] & ErrorParams : ErrorParams;

/** What is passed after a code: parameters where its words need some, else they may be left out. */
export type ParamsAfter<C extends ErrorCode> = C extends keyof ShownParams
  ? Record<string, never> extends ShownParams[C]
    ? [params?: ParamsOf<C>]
    : [params: ParamsOf<C>]
  : [params?: ParamsOf<C>];
