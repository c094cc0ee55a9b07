import 'fake-indexeddb/auto';
import { beforeEach, describe, expect, it } from 'vitest';
import { dropValue, saveValue } from '@cadre/web/platform/local-db';
import { useSavedViews } from './use-saved-views';

beforeEach(() => dropValue('views:findings'));
const names = (saved: ReturnType<typeof useSavedViews>): string[] =>
  saved.views.value.map((view) => view.name);

describe('kept searches', () => {
  it('are there again on another day, by name', async () => {
    const first = useSavedViews();
    await first.save('Soon ones', { severity: 'soon', q: 'brake' });
    await first.save('All stops', { severity: 'stop' });
    const later = useSavedViews();
    await later.load();
    expect(names(later)).toEqual(['All stops', 'Soon ones']);
    expect(later.views.value[1]?.query).toEqual({ severity: 'soon', q: 'brake' });
  });

  it('one of a name takes the place of the one before, and is let go when somebody says so', async () => {
    const saved = useSavedViews();
    await saved.save('Mine', { q: 'a' });
    await saved.save('Mine', { q: 'b' });
    expect(saved.views.value).toEqual([{ name: 'Mine', query: { q: 'b' } }]);
    await saved.drop('Mine');
    expect(names(saved)).toEqual([]);
  });

  it('leave out what is no search, whatever lies in the browser', async () => {
    await saveValue('views:findings', [{ name: 'Good', query: {} }, 'bad', { name: 3 }]);
    const saved = useSavedViews();
    await saved.load();
    expect(names(saved)).toEqual(['Good']);
    await saveValue('views:findings', 'nothing');
    await saved.load();
    expect(names(saved)).toEqual([]);
  });
});
