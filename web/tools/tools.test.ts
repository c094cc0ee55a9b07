import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DEFAULT_POLICY } from '@cadre/core/catalogue';
import { readReading } from '@cadre/core/measures';
import { TOOL_GROUPS, toolOf } from './all-tools';
import { answerOf, type Tool, type ToolResult } from './tool';

const POLICY = { limits: {}, chain: DEFAULT_POLICY.practices.chainLimit };
const tools = TOOL_GROUPS.flatMap((group) => group.tools);
function textOf(tool: Tool, typed: Readonly<Record<string, string>>): (key: string) => string {
  return (key) => typed[key] ?? tool.fields.find((field) => field.key === key)?.start ?? '';
}
function used(key: string, typed: Readonly<Record<string, string>>, policy = POLICY): ToolResult {
  const tool = toolOf(key);
  if (!tool) throw new Error(`no tool ${key}`);
  return answerOf(tool, textOf(tool, typed), policy);
}

describe('the tools', () => {
  it.each([
    [
      'chain-length',
      { length: '612.6' },
      'Near its limit: 0.49 % (limit 0.5 %, Cadre’s default)',
      '= 0.4921 %',
    ],
    ['chain-length', { length: '612,6', sprockets: '9' }, 'Pass: 0.49 %', ''],
    ['chain-ruler', { sprockets: '12' }, 'Past its limit: 0.52 %', '1 ÷ 16 ÷ 12 = 0.5208 %'],
    ['chain-gauge', { wear: '0.6' }, 'Past its limit: 0.5 %', 'judged by the lower end of its range:'],
    ['hanger', { gaps: '10 12.5 11 10' }, 'Past its limit: 2.5 mm', '2.5 mm'],
    ['slack', { slack: '12' }, 'Pass: 12 mm', ''],
    ['slack', { slack: '6' }, 'Too tight: 6 mm', ''],
    ['pads', { thickness: '3.4', plate: '1.9' }, 'Near its limit: 1.5 mm', 'plate 1.9 mm'],
    [
      'pads',
      { thickness: '3.4', totalMin: '3' },
      'Near its limit: 3.4 mm (limit 3.5 mm, marked on the part)',
      '',
    ],
    ['rotor', { places: '1.62 1.58 1.56', min: '1.55' }, 'Near its limit: 1.56 mm', 'difference 0.06 mm'],
    ['rotor', { places: '1.9 1.9 1.9', nominal: '2' }, 'No limit is known: 1.9 mm', ''],
    ['track', { hollow: '0.3' }, 'Outside its limit: 0.3 mm', ''],
    ['track', { hollow: '0', mark: 'gone' }, 'Past its limit', 'wear mark is gone'],
    ['lever', { bite: '26', travel: '40' }, 'Outside its limit: 65 %', '26 ÷ 40 = 65 %'],
    [
      'tyre',
      { mass: '92', width: '47', sidewallMin: '2.1', sidewallMax: '4.5', rimMax: '3.8' },
      'Start at 2.22 bar',
      '50.6 kg',
    ],
    ['tyre', { mass: '92', width: '47', rimMax: '2' }, 'Start at 2 bar, limited to its maximum', ''],
    [
      'leak',
      { before: '3', after: '2.76', hours: '18' },
      'Loses 10.7 % a day: fix by a date',
      '= 10.67 % a day',
    ],
    [
      'leak',
      { before: '2', after: '1.93', hours: '4' },
      'No result yet: measure again after at least six hours',
      '',
    ],
    ['run-out', { runOut: '0.8 2.2' }, 'Past its limit: 2.2 mm', ''],
    ['spokes', { readings: '100 100 100 40' }, 'Past its limit: 40 %', '4 spokes'],
    ['bearing', { bore: '10', outside: '26', width: '8' }, '6000', 'within 0.15 mm'],
    ['bearing', { bore: '10', outside: '25', width: '8' }, 'Not a standard size: measure again', ''],
    ['torque', { part: '6', bar: '5', margin: '10' }, '4.5 N m', '5 N m (bar or post) minus 10 %'],
    [
      'torque',
      { part: '6.5', clamp: '6', least: '6.2' },
      'Conflict: minimum 6.2, maximum 6 N m. Ask the maker',
      '',
    ],
    [
      'adapter',
      { target: '5', wrench: '150', adapter: '50' },
      'Set the wrench to 3.75 N m',
      '5 × 150 ÷ (150 + 50)',
    ],
    ['units', { value: '35' }, '241.317 kPa', '35 psi'],
    ['sag', { ring: '34', travel: '160' }, 'Pass: 21.3 %', '34 ÷ 160 = 21.25 %'],
    ['battery', { charge: '80' }, 'Outside its limit: 80 %', ''],
    ['battery', { charge: '60' }, 'Good for storage', ''],
    ['battery', { measured: '350', rated: '500' }, 'Near its limit: 70 %', '350 ÷ 500'],
    ['waiting', { chainParts: '25', sprocketParts: '60' }, 'Waiting costs 90 more', 'now 35, later 125'],
    [
      'repair-or-decline',
      { price: '100', worth: '300', parts: '22 40', minutes: '30 60' },
      'Worth buying: 78 below its value',
      '100 + 122 for repairs = 222',
    ],
    [
      'repair-or-decline',
      { price: '300', worth: '300', parts: '22', minutes: '30' },
      'Decline: 42 above its value',
      '',
    ],
  ])('%s of %o: %s', (key, typed, says, working) => {
    const result = used(key, typed);
    if (result.state !== 'answer') throw new Error(JSON.stringify(result));
    expect(result.answer.says).toContain(says);
    expect(result.answer.working).toContain(working);
  });
  it.each([
    ['chain-length', { length: '300' }, { length: 'Enter 606.6 to 640.1 mm.' }],
    ['chain-length', { length: 'long', links: '8' }, { length: 'Enter a number.' }],
    ['chain-length', { length: '610', links: '8' }, { links: 'Enter 10 to 200 links.' }],
    ['tyre', { mass: '92', width: '47', rimMax: 'three' }, { rimMax: 'Enter a number.' }],
    ['pads', { thickness: '3.4', plate: '9' }, { plate: 'Enter 0 to 5 mm.' }],
    ['rotor', { places: '1.6 1.6' }, { places: 'Enter 3 to 24 values, separated by spaces.' }],
    [
      'tyre',
      { mass: '24', end: 'front', width: '57' },
      { mass: 'The calculation works from 30 to 80 kg. Use the value of your policy.' },
    ],
    [
      'leak',
      { before: '3', after: '2.9', hours: '-1' },
      { hours: 'The second reading must be later than the first.' },
    ],
    ['lever', { bite: '50', travel: '40' }, { bite: 'Enter 40 or less.' }],
    [
      'repair-or-decline',
      { price: '1', worth: '2', parts: '1 2', minutes: '1' },
      { minutes: 'Enter as many values as for parts: 2.' },
    ],
    ['units', { value: 'x' }, { value: 'Enter a number.' }],
  ])('%s of %o is refused at its field', (key, typed, fields) =>
    expect(used(key, typed)).toEqual({ state: 'wrong', fields }),
  );
  it('judge by this house’s limits and practice', () => {
    const result = used('chain-ruler', { sprockets: '9' }, { limits: {}, chain: 'early' });
    expect(result.state === 'answer' && result.answer.bad).toBe(true);
    const pads = used(
      'pads',
      { thickness: '2', method: 'compound' },
      { ...POLICY, limits: { padFault: 2, padRenew: 3 } },
    );
    expect(pads.state === 'answer' && pads.answer.says).toContain('set by your policy');
  });
  it('wait until what they need is typed, and have each an address of their own', () => {
    expect(new Set(tools.map((tool) => tool.key)).size).toBe(tools.length);
    for (const tool of tools) {
      expect(
        tool.fields.every(
          (field) => !field.choices || field.choices.some((choice) => choice.value === field.start),
        ),
        tool.key,
      ).toBe(true);
      if (tool.fields.some((field) => !field.spare && !field.start))
        expect(used(tool.key, {}).state, tool.key).toBe('waiting');
    }
    expect(toolOf('no-such')).toBeNull();
  });
  it('take to a bike what the stand can read', () => {
    const typed = {
      sixteenths: '1',
      length: '612.6',
      links: '24',
      wear: '0.5',
      gaps: '10 12',
      slack: '12',
      thickness: '3.4 3.1',
      method: 'total',
      places: '1.6 1.6 1.6',
      hollow: '0.2',
      bite: '22',
      travel: '40',
      runOut: '0.8',
      readings: '98 100 101 97',
      ring: '34',
      charge: '62',
    };
    const taken = tools.filter((tool) => tool.reading);
    expect(taken.length).toBeGreaterThan(10);
    for (const tool of taken) {
      const all: Record<string, string> = { ...typed, travel: tool.key === 'sag' ? '160' : '40' };
      const text =
        tool.reading?.typed((key) =>
          tool.key === 'spokes' && key === 'method' ? 'meter' : (all[key] ?? ''),
        ) ?? '';
      expect(tool.reading && readReading(tool.reading.measure, text).state, `${tool.key} ${text}`).toBe(
        'read',
      );
    }
  });
  it('answer whatever is typed with an answer or a field, and never with NaN', () => {
    const figure = fc.oneof(
      fc.constantFrom('', '0', '1', '-1', '1e9', 'x', '1 2 3', '2,4'),
      fc.double({ min: 0, max: 700, noNaN: true }).map(String),
    );
    fc.assert(
      fc.property(
        fc.constantFrom(...tools),
        fc.array(figure, { minLength: 9, maxLength: 9 }),
        (tool, figures) => {
          const typed = Object.fromEntries(
            tool.fields.map((field, at) => [
              field.key,
              field.choices ? (field.start ?? '') : (figures[at] ?? ''),
            ]),
          );
          const result = used(tool.key, typed);
          if (result.state === 'answer')
            expect(JSON.stringify(result.answer)).not.toMatch(/NaN|Infinity|undefined/);
          if (result.state === 'wrong')
            expect(
              Object.keys(result.fields).every((key) => tool.fields.some((field) => field.key === key)),
              JSON.stringify([tool.key, typed, result]),
            ).toBe(true);
        },
      ),
      { numRuns: 600 },
    );
  });
});
