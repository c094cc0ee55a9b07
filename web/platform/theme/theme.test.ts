// @vitest-environment node
import { readFile } from 'node:fs/promises';
import { describe, expect, it } from 'vitest';

describe('the names of the theme', () => {
  it('mean a colour or a length, never both: the second would silently undo the first', async () => {
    const css = await readFile(new URL('./theme.css', import.meta.url), 'utf8');
    const colours = new Set<string>();
    const lengths = new Set<string>();
    for (const [, name = '', value = ''] of css.matchAll(/(--[\w-]+):\s*([^;]+);/g)) {
      if (/^#|^rgb|^oklch/.test(value)) colours.add(name);
      if (/^-?[\d.]+(?:rem|px|em)?$/.test(value)) lengths.add(name);
    }
    expect(colours.size).toBeGreaterThan(10);
    expect(lengths.size).toBeGreaterThan(1);
    expect([...lengths].filter((name) => colours.has(name))).toEqual([]);
  });
});
