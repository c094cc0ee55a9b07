import { saveValue, savedValue } from '@cadre/web/platform/local-db';

const MOST_KEPT = 60;
const MOST_SHOWN = 6;
const LONGEST = 120;

type Used = Record<string, number>;
const keyOf = (personId: string): string => `phrases.${personId}`;

/** Remembers in this browser what somebody wrote, to be offered again with one touch. */
export async function rememberPhrase(personId: string, note: string): Promise<void> {
  const phrase = note.trim();
  if (!phrase || phrase.length > LONGEST) return;
  const used = (await savedValue<Used>(keyOf(personId))) ?? {};
  const next = { ...used, [phrase]: (used[phrase] ?? 0) + 1 };
  const most = Object.entries(next)
    .sort((a, b) => b[1] - a[1])
    .slice(0, MOST_KEPT);
  await saveValue(keyOf(personId), Object.fromEntries(most));
}

/** What this person writes most, the commonest first; with a beginning typed, only what goes on from it. */
export async function phrasesOf(personId: string, beginning = ''): Promise<readonly string[]> {
  const used = (await savedValue<Used>(keyOf(personId))) ?? {};
  const begun = beginning.trim().toLowerCase();
  return Object.entries(used)
    .filter(([phrase]) => phrase.toLowerCase() !== begun && phrase.toLowerCase().startsWith(begun))
    .sort((a, b) => b[1] - a[1] || (a[0] < b[0] ? -1 : 1))
    .slice(0, MOST_SHOWN)
    .map(([phrase]) => phrase);
}
