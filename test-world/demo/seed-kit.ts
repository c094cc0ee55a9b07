import { v7 as newId } from 'uuid';
import { lendKit, returnKit, setKitItem, type KitItem } from '@cadre/contract/kit';
import { listStock } from '@cadre/contract/parts';
import { getWall } from '@cadre/contract/wall';
import { demoKit } from './kit';
import type { FleetSeeder } from './seed-fleet';

/** What the demo lends besides bikes: most of it ready, some of it back with something missing, damp or hit. */
export async function seedKit(seeder: FleetSeeder, at: number): Promise<void> {
  const mechanic = seeder.as('tomas');
  const { sites } = await mechanic.send(getWall);
  const parts = new Map((await mechanic.send(listStock)).items.map((each) => [each.name, each.id]));
  const items = new Map<string, KitItem>();
  for (const { site, contents, ...fields } of demoKit(new Date(at).toISOString().slice(0, 10)))
    items.set(
      fields.tag,
      await mechanic.send(setKitItem, {
        params: { id: newId() },
        body: {
          id: newId(),
          item: {
            ...fields,
            siteId: sites.find((each) => each.name === site)?.id ?? '',
            contents: contents.map(({ name, count, part }) => ({
              ...{ name, count, stockItemId: parts.get(part ?? '') ?? null },
            })),
          },
          version: null,
        },
      }),
    );
  const desk = seeder.as('sunny');
  const ids = (...tags: string[]): string[] => tags.map((tag) => items.get(tag)?.id ?? '');
  const lend = (...tags: string[]) =>
    desk.send(lendKit, { body: { id: newId(), groupId: null, itemIds: ids(...tags), at } });
  await lend('K03', 'K10', 'RK2', 'RK3', 'CS2');
  await desk.send(returnKit, {
    body: {
      ...{ id: newId(), at },
      items: [
        { missing: [], damp: false, impact: true },
        { missing: [], damp: true, impact: false },
        {
          missing: [
            { name: 'Plugs', count: 2 },
            { name: 'Gear cable', count: 1 },
          ],
          ...{ damp: false, impact: false },
        },
        { missing: [], damp: true, impact: false },
      ].map((said, index) => ({ ...said, itemId: ids('K03', 'K10', 'RK2', 'RK3')[index] ?? '' })),
    },
  });
  await lend('K18', 'K19', 'L1');
}
