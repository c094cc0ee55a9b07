import { personData, type Person } from '@cadre/contract/people';
import { send } from '@cadre/web/platform/api';
import { saveFile } from '@cadre/web/platform/files';

/** All that is kept of a person as a file, in plain JSON. */
export async function savePersonData({ id, signInName }: Pick<Person, 'id' | 'signInName'>): Promise<void> {
  const data = await send(personData, { params: { id } });
  saveFile(
    new Blob([`${JSON.stringify(data, null, 2)}\n`], { type: 'application/json' }),
    `${signInName}.json`,
  );
}
