import type { PolicyVersion, SheetVersion, System, Touched } from '@cadre/core/catalogue';
import type {
  Build,
  BuildField,
  FitList,
  FitmentPosition,
  Joint,
  Model,
  Part,
  Whereabouts,
} from '@cadre/core/fleet';
import type { Want } from '@cadre/core/schedule';
import type { Finding } from '@cadre/core/findings';
import type { BikeRule } from '@cadre/core/rounds';
import type { Role } from '@cadre/core/people';
import type { Mishap } from '@cadre/core/mishaps';
import type { Shape } from '@cadre/core/photos';
import type { Position } from '@cadre/core/catalogue';
import type { EntryKind } from '@cadre/core/records';
import type { CountReason, StockItem } from '@cadre/core/parts';
import type { RepairPlan, UsedPart } from '@cadre/core/repairs';
import type { LeakAnswer } from '@cadre/core/measures';
import type { Gauged, Wait } from '@cadre/core/waits';

export interface BikeDocument {
  readonly id: string;
  readonly tag: string;
  readonly model: string;
  readonly size: string;
  readonly serial: string;
  readonly siteId: string;
  readonly hookId: string | null;
  readonly build: Build;
  /** Not in entries from before there were models. */
  readonly modelId?: string | null;
  readonly own?: readonly BuildField[];
  readonly fit?: FitList;
  readonly boughtOn?: string;
  readonly warrantyUntil?: string;
}

export interface GroupDocument {
  readonly id: string;
  readonly siteId: string;
  readonly name: string;
  readonly outAt: number;
  readonly backAt: number;
  readonly wants: readonly Want[];
}

export interface RoundDocument {
  readonly id: string;
  readonly siteId: string;
  readonly name: string;
  readonly sheetKey: string | null;
  readonly bikeIds: readonly string[];
  readonly people: readonly string[];
  readonly deadline: number;
  readonly standingId: string | null;
}

export interface StandingRoundDocument {
  readonly id: string;
  readonly siteId: string;
  readonly name: string;
  readonly sheetKey: string | null;
  readonly rule: BikeRule;
  readonly people: readonly string[];
  readonly doneBy: string;
  readonly active: boolean;
}

/**
 * What each kind of entry says. Bodies carry what was decided, not what it would be decided from: a replay
 * years later must not judge by newer rules.
 */
export interface EntryBodies extends Record<EntryKind, object> {
  'program.set-up': { programId: string; name: string; demo: boolean };
  'site.added': { siteId: string; name: string; timeZone: string; opensAt: string };
  'site.changed': { siteId: string; name: string; timeZone: string; opensAt: string };
  'rack.changed': {
    rackId: string;
    name: string;
    added: readonly { id: string; number: number }[];
    removed: readonly string[];
  };
  'rack.removed': { rackId: string };
  'racks.ordered': { siteId: string; rackIds: readonly string[] };
  'model.added': { model: Model };
  /** With it, what each of its bikes is built like from now on, and which of them have to be looked at because of it. */
  'model.changed': { model: Model; bikes: readonly { id: string; build: Build; due: boolean }[] };
  'rack.added': {
    rackId: string;
    siteId: string;
    name: string;
    position: number;
    hooks: readonly { id: string; number: number }[];
  };
  'person.added': { personId: string; name: string; signInName: string; role: Role; trainee: boolean };
  'person.changed': { personId: string; role: Role; trainee: boolean; active: boolean };
  'person.competence': { personId: string; system: System; signed: boolean };
  'sheet.published': { hash: string; sheet: SheetVersion; note?: string; reason?: string };
  'sheet.draft-saved': { key: string; base: string | null; sheet: SheetVersion };
  'sheet.draft-dropped': { key: string };
  'policy.published': { hash: string; policy: PolicyVersion };
  'bike.added': { bikeId: string; bike: BikeDocument };
  /** `due`: the build now asks what nobody has looked at, so the last check no longer counts. */
  'bike.changed': { bikeId: string; bike: BikeDocument; due?: boolean };
  'bike.hung': { bikeId: string; siteId: string; hookId: string | null };
  /** `through`: the repair it came with. Its re-look looks at what that touched, so the check before still counts. */
  'part.fitted': {
    bikeId: string;
    fitmentId: string;
    part: Part;
    position: FitmentPosition;
    anyway: string;
    through?: string;
  };
  'part.removed': { bikeId: string; fitmentId: string; through?: string };
  'group.added': { group: GroupDocument };
  'group.changed': { group: GroupDocument };
  'group.removed': { groupId: string };
  'bike.moved': { bikeId: string; to: Whereabouts };
  /** `amends`: opened only to correct that signed check. */
  'check.opened': {
    bikeId: string;
    checkId: string;
    sheetHash: string;
    openedBy: string;
    reLook?: { repairId: string; sheet: SheetVersion };
    amends?: string;
  };
  'check.marked': { bikeId: string; checkId: string; markIds: readonly string[]; marksHash: string };
  'check.signed': {
    bikeId: string;
    checkId: string;
    signedBy: string;
    markIds: readonly string[];
    complete: boolean;
    criticalsMissing: readonly string[];
    awaitsCoSign: boolean;
    validUntil: number | null;
    hasty: boolean;
    /** What the sheet would ask but the build rules out, each with the clause that does. */
    ruledOut?: readonly { question: string; because: string }[];
    /** Every finding this check made or changed, as it stands after. */
    findings: readonly Finding[];
    reLooked?: { repairId: string };
  };
  'check.co-signed': { bikeId: string; checkId: string };
  'check.abandoned': { bikeId: string; checkId: string };
  'check.amended': {
    bikeId: string;
    checkId: string;
    amends: string;
    reason: string;
    signedBy: string;
    markIds: readonly string[];
    /** Criticals of the amended check nobody looked at after all: it is incomplete from here on. It never becomes more complete. */
    criticalsMissing: readonly string[];
    findings: readonly Finding[];
  };
  'round.made': { round: RoundDocument };
  'round.changed': {
    roundId: string;
    name: string;
    bikeIds: readonly string[];
    people: readonly string[];
    deadline: number;
  };
  'round.closed': { roundId: string; undone: readonly { bikeId: string; why: string }[] };
  'standing-round.set': { standing: StandingRoundDocument };
  /** A new policy moved limits or weights of what is open on this bike. */
  'finding.under-policy': { bikeId: string; findings: readonly Finding[]; policyHash: string };
  'finding.merged': { bikeId: string; finding: Finding; closed: Finding };
  /** Its part is not on the bike any more. `settles`: the repair whose last question it was. */
  'finding.closed': { bikeId: string; finding: Finding; reason: string; settles: string | null };
  'finding.severity-set': { bikeId: string; finding: Finding; reason: string };
  'repair.started': { bikeId: string; repairId: string; findings: readonly Finding[] };
  'repair.done': {
    bikeId: string;
    repairId: string;
    findings: readonly Finding[];
    work: readonly { findingId: string; done: string }[];
    touched: readonly Touched[];
    minutes: number | null;
    /** Absent in entries from before there was a stock. */
    used?: readonly UsedPart[];
    torques?: readonly { joint: Joint; newtonMetres: number }[];
  };
  'repair.planned': { bikeId: string; repairId: string; plan: RepairPlan };
  /** `by`: who left it so, where somebody else's session delivered it. */
  'left-apart.opened': { bikeId: string; itemId: string; what: string; by?: string };
  'left-apart.closed': { bikeId: string; itemId: string };
  /** `hangTagBack`: the tag that hung on it, back in hand. */
  'bike.released': { bikeId: string; note: string; findings: readonly Finding[]; hangTagBack?: string };
  'hang-tag.hung': { bikeId: string; hangTag: string };
  'wait.set': { bikeId: string; wait: Wait };
  /** By itself, when its time had come. */
  'wait.raised': { bikeId: string; waitId: string; what: string };
  /** What the look found; `againAt` when it goes on. */
  'wait.answered': {
    bikeId: string;
    waitId: string;
    what: string;
    gauged: Gauged | null;
    note: string;
    said: string;
    perDay: number | null;
    /** What a tyre left to stand showed, as the answer tells it. */
    leak: Pick<
      LeakAnswer,
      'word' | 'because' | 'perDay' | 'perDayLeast' | 'perDayMost' | 'hoursToFloor'
    > | null;
    againAt: number | null;
    findings: readonly Finding[];
  };
  'stock.item-set': { itemId: string; item: Omit<StockItem, 'id' | 'onHand'> };
  /** A difference, whatever it was made from. */
  'stock.counted': { itemId: string; by: number; why: CountReason; note: string };
  'intake.opened': { bikeId: string; intakeId: string; from: string; asking: number; worth: number };
  'intake.priced': {
    bikeId: string;
    intakeId: string;
    asking: number;
    worth: number;
    prices: { findingId: string; parts: number; minutes: number }[];
  };
  'intake.decided': { bikeId: string; intakeId: string; accept: boolean; reason: string };
  'mishap.reported': { bikeId: string; mishap: Mishap };
  /** The picture itself lies in its table; the hash is of its bytes. */
  'photo.added': {
    bikeId: string;
    photoId: string;
    checkId: string | null;
    checkpoint: string;
    position: Position;
    by: string;
    width: number;
    height: number;
    hash: string;
    shapes: readonly Shape[];
  };
}

/** An entry about to be projected. */
export type StoredEvent = {
  [K in EntryKind]: {
    readonly id: string;
    readonly kind: K;
    readonly body: EntryBodies[K];
    readonly author: string | null;
    readonly happenedAt: number;
    readonly recordedAt: number;
  };
}[EntryKind];
