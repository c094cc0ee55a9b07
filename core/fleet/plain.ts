/** Small letters, no accents, one space between; quotes and inches gone: what spellings have in common. */
export function plain(text: string): string {
  return text
    .normalize('NFKD')
    .replace(/[\u0300-\u036f]/g, '')
    .toLowerCase()
    .replace(/["”″'’_/-]+/g, ' ')
    .replace(/[^\p{L}\p{N}.,+ ]/gu, ' ')
    .replace(/\s+/g, ' ')
    .trim();
}

/** Sizes that people write alike ("24 in", '24"', "24-inch", "m ") made the same. */
export function sizeKey(size: string): string {
  const said = plain(size).replace(/,/g, '.');
  const inches = /^(\d+(?:\.\d+)?) ?(in|inch|inches)?$/.exec(said);
  return inches ? `${Number(inches[1])}` : said;
}
