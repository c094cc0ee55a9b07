import { describe, expect, it } from 'vitest';
import type { Bike } from '@cadre/contract/fleet';
import { readCode } from './read-code';

const bikes = [{ id: '1', tag: 'Q31' }] as unknown as Bike[];
const origin = 'https://shed.example';

describe('a code', () => {
  it.each(['Q31', ' q31 '])('“%s” is the bike of that tag', (text) => {
    expect(readCode(text, bikes, origin)).toEqual({ kind: 'bike', bike: bikes[0] });
  });
  it('of a paper sheet leads to its line, but only here', () => {
    expect(readCode(`${origin}/batch-check?bikes=Q31&way=paper`, bikes, origin)).toEqual({
      kind: 'page',
      path: '/batch-check?bikes=Q31&way=paper',
    });
    expect(readCode('https://elsewhere.example/batch-check?bikes=Q31', bikes, origin)).toEqual({
      kind: 'nobody',
    });
    expect(readCode(`${origin}.elsewhere.example/batch-check`, bikes, origin)).toEqual({ kind: 'nobody' });
  });
  it.each(['/people', '/policy', '/api/v1/wall'])('never leads to %s', (path) => {
    expect(readCode(`${origin}${path}`, bikes, origin)).toEqual({ kind: 'nobody' });
  });
});
