import { addMarks, signCheck } from '@cadre/contract/checks';
import { openRecheck } from '@cadre/contract/repairs';
import { asBuilt, questionsOf } from '@cadre/core/catalogue';
import { faulty, markFor } from '@cadre/test-world/builders';
import { act, at, repairOf, stamp, type WriteAct } from './act-helpers';

/** Write routes that touch no bike and no record of one: signing in and out, secrets, and the one setting up of an empty program. */
export const OF_NO_BIKE: readonly string[] = [
  'setup.do',
  'session.sign-in',
  'session.sign-out',
  'session.end-all',
  'session.end-device',
  'session.set-pin',
  'session.remove-pin',
  'clock.correct',
  'session.bind-writer',
  'session.change-secret',
  'people.reset-secret',
  'people.remove-name',
];
/** What strangers send from behind a label: server/reports/reports.test.ts shows that it takes no hold off. */
export const PUBLIC_REPORT = 'POST /r/:code/report';
/** The release of a bike that a finished and rechecked repair left to be released. */
export const RELEASABLE: WriteAct = act('lead', async (world, bike) => {
  await world.check(bike, {
    exceptions: [{ checkpoint: 'stops-wheel', position: 'front', more: faulty('none') }],
  });
  const { repairId } = await repairOf(world, bike, true);
  const recheck = await world
    .as('inspector')
    .send(openRecheck, { params: { id: repairId }, body: stamp(world) });
  const author = world.idOf('inspector');
  const marks = questionsOf(recheck.checklist, asBuilt(bike.build)).map((question) =>
    markFor(question, author, at(world)),
  );
  await world.as('inspector').send(addMarks, { params: { id: recheck.id }, body: { marks } });
  await world.as('inspector').send(signCheck, {
    params: { id: recheck.id },
    body: { ...stamp(world), author, markIds: marks.map((mark) => mark.id) },
  });
  return { params: { id: bike.id }, body: { ...stamp(world), note: 'Rides' } };
});
/** The one act that ends a hold. */
export const RELEASE = 'bikes.release';
