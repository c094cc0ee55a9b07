import { describe, expect, it } from 'vitest';
import { ACTS, mayAct, ROLES, type Act, type Role } from './index';

/** The act table as the program reads it: desk, inspector, mechanic, lead. */
const TABLE: Record<Act, string> = {
  see: 'xxxx',
  mark: '-xxx',
  sign: '-xxx',
  'co-sign': '-xxx',
  'raise-severity': '-xxx',
  repair: '--xx',
  recheck: '-xxx',
  release: '--xx',
  'lower-severity': '---x',
  'hand-out': 'xxxx',
  'edit-fleet': '--xx',
  'edit-program': '---x',
};

describe('who may do what', () => {
  it.each(
    ACTS.flatMap((act) =>
      ROLES.map((role, index): [Act, Role, boolean] => [act, role, TABLE[act][index] === 'x']),
    ),
  )('%s by %s: %s', (act, role, allowed) => {
    expect(mayAct({ role, trainee: false }, act)).toBe(allowed);
  });

  it('keeps co-signing and releasing from trainees of every role', () => {
    for (const role of ROLES) {
      expect(mayAct({ role, trainee: true }, 'co-sign')).toBe(false);
      expect(mayAct({ role, trainee: true }, 'release')).toBe(false);
    }
  });
});
