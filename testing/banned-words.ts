/** Words no screen and no page of the documentation uses, with the word to use in their place. */
export const BANNED: readonly { readonly word: RegExp; readonly say: string }[] = [
  { word: /\bsound(?:ly|ness)?\b/i, say: 'Pass' },
  { word: /\bput right\b/i, say: 'Fixed on the spot, or corrected' },
  { word: /\bre-?look/i, say: 'recheck' },
  { word: /\blook(?:s|ed|ing)? (?:\w+ )?again\b/i, say: 'recheck' },
  { word: /\blook(?:s|ed)? (?:it |them )?over\b|\blooked over whole\b/i, say: 'check' },
  { word: /\bkept\b/i, say: 'saved, or stored' },
  { word: /\blet(?:s|ting)? go\b/i, say: 'release, or remove' },
  { word: /\b(?:take|takes|taking|taken|took) (?:\w+ )?up\b/i, say: 'choose, or continue' },
  { word: /\bby itself\b/i, say: 'daily, or on its own' },
  { word: /\b(?:of )?(?:this|the) house\b|\bhouse’s\b/i, say: 'your policy' },
  {
    word: /(?<!\bat )\b(?:the|its|as|their) (?:least|most)\b(?! \w+ed\b| severe)|, (?:least|most)\b(?! \w+ed\b)/i,
    say: 'minimum, maximum',
  },
  { word: /\bwhat (?:is|was)\b[^.!?\n]{0,40}\bof it\b/i, say: 'a noun' },
  { word: /\bsomebody\b/i, say: 'a person, or another person' },
  { word: /\bwhoever\b/i, say: 'the person who' },
  { word: /\banew\b/i, say: 'again' },
  { word: /\bheld to\b/i, say: 'compared with' },
  { word: /\btold\b/i, say: 'shown' },
  { word: /\bmend(?:s|ed|ing)?\b/i, say: 'repair, or correct' },
  { word: /\bwarmth\b/i, say: 'temperature, or heat' },
  { word: /\bmishaps?\b/i, say: 'incident' },
  { word: /\bleft apart\b/i, say: 'not reassembled' },
  { word: /\bset aside\b|\bleave aside\b/i, say: 'override' },
  { word: /\bthe shelf\b/i, say: 'stock' },
  { word: /\blooks? across\b/i, say: 'similar bikes' },
  { word: /\bno signal\b/i, say: 'offline' },
  { word: /\bcriticals\b/i, say: 'critical questions' },
];

/** Every banned word in a text, with its surroundings. */
export const bannedIn = (text: string): readonly string[] =>
  BANNED.flatMap(({ word, say }) =>
    [...text.matchAll(new RegExp(word, `${word.flags}g`))].map(
      (found) =>
        `“${text
          .slice(Math.max(0, found.index - 30), found.index + found[0].length + 20)
          .replace(/\s+/g, ' ')
          .trim()}”: say ${say}`,
    ),
  );
