import { readdirSync, readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { DRAWINGS } from '@cadre/core/catalogue';
import { CHECKPOINTS } from '@cadre/core/shipped';
import { printCatalogue, printRules } from './print';

describe('the printed catalogue', () => {
  it.each([
    ['docs/catalogue.md', printCatalogue],
    ['docs/rules.md', printRules],
  ])('%s is what the code says now: npm run catalogue prints it', (file, print) => {
    expect(readFileSync(file, 'utf8')).toBe(print());
  });

  it('names every checkpoint and every rule', () => {
    const printed = printCatalogue();
    expect(printed.match(/^### /gm)).toHaveLength(CHECKPOINTS.length);
    expect(printed.match(/asked if: /g)).toHaveLength(CHECKPOINTS.length);
  });
});

describe('the drawings', () => {
  it('are the files there are', () => {
    const files = readdirSync('web/catalogue/drawings').map((file) => file.replace(/\.svg$/, ''));
    expect(files.sort()).toEqual([...DRAWINGS].sort());
  });

  it.each(DRAWINGS)('%s says what it shows, and brings nothing of another place', (name) => {
    const svg = readFileSync(`web/catalogue/drawings/${name}.svg`, 'utf8');
    expect(svg).toMatch(/<title>.{15,}<\/title>/);
    expect(svg.replace('http://www.w3.org/2000/svg', '')).not.toMatch(/href|http|<script|style=/);
  });
});
