import { truncate } from '@cadre/core/text';
import { In, IsNull, type DataSource, type EntityManager } from 'typeorm';
import { v7 as newId } from 'uuid';
import type { AnswerOf, BodyOf } from '@cadre/contract/http';
import type { Fitment, fitPart, movePart, takePartOff } from '@cadre/contract/parts';
import {
  fitIssues,
  isMissed,
  onlyPlace,
  partMismatches,
  sitsOnWheel,
  type FitmentPosition,
  type Part,
} from '@cadre/core/fleet';
import { setAgainAfterWheel, type SetAgain } from '@cadre/core/parts';
import { describeBike, findBike, fitmentEntity, partEntity, type FitmentRow } from '@cadre/server/fleet';
import { requireAct, type Actor } from '@cadre/server/platform/http';
import {
  chainOfBike,
  chainOfBikeOf,
  RefusedError,
  type EventLog,
  type NewEvent,
} from '@cadre/server/platform/event-log';
import type { PartEvents } from './events';
import type { ReassemblyEvents } from '@cadre/server/reassembly';
import * as t from './messages';

async function describeFitments(tx: EntityManager, rows: readonly FitmentRow[]): Promise<Fitment[]> {
  const parts = await tx.getRepository(partEntity).findBy({ id: In(rows.map((row) => row.partId)) });
  const byId = new Map(parts.map((part) => [part.id, part]));
  return rows.map(({ id, bikeId, partId, position, fittedAt, removedAt }) => ({
    id,
    bikeId,
    part: byId.get(partId) as Part,
    position,
    fittedAt: fittedAt.getTime(),
    removedAt: removedAt?.getTime() ?? null,
  }));
}

async function fitmentsOf(tx: EntityManager, bikeId: string): Promise<Fitment[]> {
  return describeFitments(
    tx,
    await tx
      .getRepository(fitmentEntity)
      .find({ where: { bikeId }, order: { removedAt: 'ASC', fittedAt: 'DESC', id: 'ASC' } }),
  );
}

async function rowOf(tx: EntityManager, fitmentId: string): Promise<FitmentRow> {
  const row = await tx.getRepository(fitmentEntity).findOneBy({ id: fitmentId });
  if (!row) throw new RefusedError('not-found', { what: 'part' });
  return row;
}

/** What is on a bike now. */
const fittedNow = async (tx: EntityManager, bikeId: string): Promise<readonly Fitment[]> =>
  describeFitments(tx, await tx.getRepository(fitmentEntity).findBy({ bikeId, removedAt: IsNull() }));

/** The fitment that holds a part's place now. Some kinds have no place of their own: there may be many. */
async function inPlace(
  tx: EntityManager,
  bikeId: string,
  part: Pick<Part, 'kind' | 'facts'>,
  position: FitmentPosition,
): Promise<Fitment | null> {
  const place = onlyPlace(part, position);
  if (place === null) return null;
  return (await fittedNow(tx, bikeId)).find((each) => onlyPlace(each.part, each.position) === place) ?? null;
}

/** A fitment with what sits on it, where it is a wheel. */
async function wholeOf(tx: EntityManager, wheel: Fitment): Promise<readonly Fitment[]> {
  if (wheel.part.kind !== 'wheel') return [wheel];
  return [
    wheel,
    ...(await fittedNow(tx, wheel.bikeId)).filter((each) =>
      sitsOnWheel(each.part.kind, each.position, wheel.position),
    ),
  ];
}

/** Refuses a part the build speaks against, unless somebody says why it goes on all the same. */
async function refuseMismatch(
  tx: EntityManager,
  part: Pick<Part, 'kind' | 'facts'>,
  bikeId: string,
  position: FitmentPosition,
  anyway: string,
): Promise<void> {
  const bike = await findBike(tx, bikeId);
  const mismatches = partMismatches(part, bike.build, position);
  // A place that does not exist is no matter of opinion.
  if (mismatches.length > 0 && (anyway === '' || mismatches.includes('wrong-end')))
    throw new RefusedError(
      'part.does-not-fit',
      { tag: bike.tag, mismatches: [...mismatches] },
      { fields: [{ path: 'anyway', code: 'required' }] },
    );
}

/** Puts a new part in its place on a bike; what sat there comes off. `through`: the repair it goes in with, whose recheck looks at it. */
export async function replacing(
  tx: EntityManager,
  bikeId: string,
  {
    part,
    position,
    anyway,
    at,
  }: {
    readonly part: Part;
    readonly position: FitmentPosition;
    readonly anyway: string;
    readonly at: number;
  },
  through?: string,
): Promise<NewEvent<PartEvents>[]> {
  if (await tx.getRepository(partEntity).existsBy({ id: part.id }))
    throw new RefusedError('conflict.id-reused', { id: part.id });
  await refuseMismatch(tx, part, bikeId, position, anyway);
  const before = await inPlace(tx, bikeId, part, position);
  const by = through ? { through } : {};
  return [
    ...(before
      ? [{ kind: 'part.removed' as const, body: { bikeId, fitmentId: before.id, ...by }, happenedAt: at }]
      : []),
    {
      kind: 'part.fitted' as const,
      body: { bikeId, fitmentId: newId(), part, position, anyway, ...by },
      happenedAt: at,
    },
  ];
}

/** What a bike lacks once a part is off it: it is not whole until somebody closes the item. */
function leftWithout(bikeId: string, fitment: Fitment, at: number): NewEvent<ReassemblyEvents>[] {
  if (!isMissed(fitment.part.kind)) return [];
  const { position: end, part } = fitment;
  return [
    {
      kind: 'not-reassembled.opened',
      body: {
        bikeId,
        itemId: newId(),
        what: truncate(
          end === 'only'
            ? t.removed({ part: part.kind, name: part.name })
            : t.removedAt({ end, part: part.kind, name: part.name }),
          200,
        ),
      },
      happenedAt: at,
    },
  ];
}

/** Where a part that goes with a wheel lands: at that wheel's new end, or where it has always but one place. */
const placeThere = (
  each: Pick<Fitment, 'position'>,
  wheel: Pick<Fitment, 'position'>,
  end: FitmentPosition,
): FitmentPosition => (each.position === wheel.position ? end : each.position);

const uniqueFitments = (all: readonly Fitment[]): readonly Fitment[] => [
  ...new Map(all.map((each) => [each.id, each])).values(),
];

/** What a wheel asks of the bike it lands on: the bike stays in until somebody says it is set. */
async function toSetAgain(
  tx: EntityManager,
  bikeId: string,
  wheel: Fitment,
  at: number,
): Promise<NewEvent<ReassemblyEvents>[]> {
  const { position: end } = wheel;
  if (end === 'only') return [];
  const { build } = await findBike(tx, bikeId);
  const things = setAgainAfterWheel(build, end).map((each) => SET_AGAIN_WORDS[each]);
  const what = truncate(t.setAgain({ end, name: wheel.part.name, things: things.join(', ') }), 200);
  return [{ kind: 'not-reassembled.opened', body: { bikeId, itemId: newId(), what }, happenedAt: at }];
}

const SET_AGAIN_WORDS: Record<SetAgain, string> = {
  axle: t.setAxle,
  pressure: t.setPressure,
  caliper: t.setCaliper,
  'rim-pads': t.setRimPads,
  'brake-arm': t.setBrakeArm,
  gears: t.setGears,
  'chain-slack': t.setChainSlack,
  belt: t.setBelt,
  'sealant-date': t.setSealantDate,
  'assist-plug': t.setAssistPlug,
};

/** Parts on bikes: fitted, renewed, moved, taken off. Each changes what was looked at, so the last check no longer counts. */
export class Parts {
  constructor(
    private readonly source: DataSource,
    private readonly log: EventLog<PartEvents & ReassemblyEvents>,
  ) {}

  async list(actor: Actor, bikeId: string): Promise<{ fitments: Fitment[] }> {
    requireAct(actor, 'see');
    await findBike(this.source.manager, bikeId);
    return { fitments: await fitmentsOf(this.source.manager, bikeId) };
  }

  private async answer(tx: EntityManager, bikeId: string): Promise<AnswerOf<typeof fitPart>> {
    return { bike: await describeBike(tx, bikeId), fitments: await fitmentsOf(tx, bikeId) };
  }

  private async fitted(tx: EntityManager, fitmentId: string): Promise<Fitment> {
    const row = await tx.getRepository(fitmentEntity).findOneBy({ id: fitmentId, removedAt: IsNull() });
    const [fitment] = row ? await describeFitments(tx, [row]) : [];
    if (!fitment) throw new RefusedError('part.not-fitted');
    return fitment;
  }

  async fit(actor: Actor, bikeId: string, body: BodyOf<typeof fitPart>): Promise<AnswerOf<typeof fitPart>> {
    requireAct(actor, 'edit-fleet');
    const issues = fitIssues(body.part.markings);
    if (issues.length > 0)
      throw new RefusedError(
        'body.invalid',
        {},
        { fields: issues.map((issue) => ({ ...issue, path: issue.path.replace(/^fit/, 'part.markings') })) },
      );
    return this.log.act(
      { chain: chainOfBike(bikeId), id: body.id, request: { bikeId, ...body }, author: actor.id },
      (tx) => replacing(tx, bikeId, body),
      (tx) => this.answer(tx, bikeId),
    );
  }

  /** Moves a part. What sat in its place comes off, or goes the other way; a bike left without is told as left apart. */
  async move(
    actor: Actor,
    fitmentId: string,
    body: BodyOf<typeof movePart>,
  ): Promise<AnswerOf<typeof movePart>> {
    requireAct(actor, 'edit-fleet');
    return this.log.act(
      {
        chain: chainOfBikeOf('part', 'fitment', fitmentId),
        id: body.id,
        request: { fitmentId, ...body },
        author: actor.id,
      },
      async (tx) => {
        const { bikeId: fromId } = await rowOf(tx, fitmentId);
        if (fromId === body.bikeId)
          throw new RefusedError('body.invalid', {}, { fields: [{ path: 'bikeId', code: 'same-bike' }] });
        await findBike(tx, body.bikeId);
        // The two bikes may be of different sites, whose chains have locks of their own.
        await tx.query('SELECT id FROM bike WHERE id IN (?) ORDER BY id FOR UPDATE', [[fromId, body.bikeId]]);
        const moving = await this.fitted(tx, fitmentId);
        const whole =
          body.whole === true && moving.part.kind === 'wheel' && body.position === moving.position;
        const goes = whole ? await wholeOf(tx, moving) : [moving];
        const before = await inPlace(tx, body.bikeId, moving.part, body.position);
        const stood = before ? (whole ? await wholeOf(tx, before) : [before]) : [];
        // What has no wheel under it on the other bike still sits where something comes.
        const taken = await Promise.all(
          goes.map((each) => inPlace(tx, body.bikeId, each.part, placeThere(each, moving, body.position))),
        );
        const comesOff = uniqueFitments([...stood, ...taken.flatMap((each) => (each ? [each] : []))]);
        for (const each of goes)
          await refuseMismatch(
            tx,
            each.part,
            body.bikeId,
            placeThere(each, moving, body.position),
            body.anyway,
          );
        const comesBack = body.swap ? comesOff : [];
        for (const each of comesBack)
          await refuseMismatch(
            tx,
            each.part,
            fromId,
            placeThere(each, { position: body.position }, moving.position),
            body.anyway,
          );
        const fitting = (
          bikeId: string,
          part: Fitment['part'],
          position: FitmentPosition,
        ): NewEvent<PartEvents> => ({
          kind: 'part.fitted',
          body: { bikeId, fitmentId: newId(), part: part, position, anyway: body.anyway },
          happenedAt: body.at,
        });
        const removing = (bikeId: string, each: Fitment): NewEvent<PartEvents> => ({
          kind: 'part.removed',
          body: { bikeId, fitmentId: each.id },
          happenedAt: body.at,
        });
        const { position } = body;
        return [
          ...goes.map((each) => removing(fromId, each)),
          ...comesOff.map((each) => removing(body.bikeId, each)),
          ...comesBack.map((each) =>
            fitting(fromId, each.part, placeThere(each, { position }, moving.position)),
          ),
          // Another part of the wheel that comes back is no wheel.
          ...(before && body.swap ? [] : leftWithout(fromId, moving, body.at)),
          ...goes.map((each) => fitting(body.bikeId, each.part, placeThere(each, moving, position))),
          ...(whole ? await toSetAgain(tx, body.bikeId, moving, body.at) : []),
          ...(whole && before && body.swap ? await toSetAgain(tx, fromId, before, body.at) : []),
        ];
      },
      async (tx) => ({
        from: await this.answer(tx, (await rowOf(tx, fitmentId)).bikeId),
        to: await this.answer(tx, body.bikeId),
      }),
    );
  }

  async takeOff(
    actor: Actor,
    fitmentId: string,
    body: BodyOf<typeof takePartOff>,
  ): Promise<AnswerOf<typeof takePartOff>> {
    requireAct(actor, 'edit-fleet');
    return this.log.act(
      {
        chain: chainOfBikeOf('part', 'fitment', fitmentId),
        id: body.id,
        request: { fitmentId, ...body },
        author: actor.id,
      },
      async (tx) => {
        const off = await this.fitted(tx, fitmentId);
        const { bikeId } = off;
        return [
          ...leftWithout(bikeId, off, body.at),
          { kind: 'part.removed' as const, body: { bikeId, fitmentId }, happenedAt: body.at },
        ];
      },
      async (tx) => this.answer(tx, (await rowOf(tx, fitmentId)).bikeId),
    );
  }
}
