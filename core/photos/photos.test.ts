import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { drawnOn, fileIssue, fitWithin, PHOTO_LIMITS, SHAPE_KINDS, shapeOf, sidesIssue } from '.';

describe('a photo', () => {
  it.each([
    [{ size: 2_000_000, type: 'image/jpeg' }, null],
    [{ size: 40_000_000, type: 'image/webp' }, null],
    [{ size: 40_000_001, type: 'image/jpeg' }, 'too-heavy'],
    [{ size: 80_000_000, type: 'image/png' }, 'too-heavy'],
    [{ size: 9, type: 'application/pdf' }, 'no-picture'],
    [{ size: 9, type: '' }, 'no-picture'],
    [{ size: 0, type: 'image/jpeg' }, 'empty'],
  ] as const)('of %o has the fault %s', (file, issue) => expect(fileIssue(file)).toBe(issue));
  it.each([
    [4000, 3000, null],
    [10_000, 6400, null],
    [12_000, 9000, 'too-wide'],
    [9000, 10_001, 'too-wide'],
    [0, 10, 'no-picture'],
    [8192, 6144, null],
    [8000, 8001, 'too-wide'],
    [10.5, 10, 'no-picture'],
    [Number.NaN, 10, 'no-picture'],
  ] as const)('of %f by %f pixels has the fault %s', (width, height, issue) =>
    expect(sidesIssue(width, height)).toBe(issue),
  );
  it.each([
    [4000, 3000, 1600, 1600, 1200],
    [3000, 4000, 1600, 1200, 1600],
    [800, 600, 1600, 800, 600],
    [9000, 2, 320, 320, 1],
  ])('of %d by %d fits within %d as %d by %d', (width, height, most, w, h) =>
    expect(fitWithin(width, height, most)).toEqual({ width: w, height: h }),
  );
  it('keeps less than it takes', () => expect(PHOTO_LIMITS.keptMost).toBeLessThan(PHOTO_LIMITS.sentMost));
});

describe('what is drawn over it', () => {
  it('is the stroke, inside the picture', () =>
    expect(shapeOf('circle', { x: -0.2, y: 0.1 }, { x: 0.5, y: 1.7 })).toEqual({
      kind: 'circle',
      from: { x: 0, y: 0.1 },
      to: { x: 0.5, y: 1 },
    }));
  it('is nothing when the finger hardly moved, or was nowhere', () => {
    expect(shapeOf('arrow', { x: 0.5, y: 0.5 }, { x: 0.51, y: 0.51 })).toBeNull();
    expect(shapeOf('arrow', { x: Number.NaN, y: 0.5 }, { x: 0.9, y: 0.9 })).toBeNull();
    expect(shapeOf('arrow', { x: 0.5, y: 0.5 }, { x: 0.52, y: 0.5 })).not.toBeNull();
  });
  it('lies on the picture: a circle in its box, an arrow’s barbs behind its tip', () => {
    expect(drawnOn({ kind: 'circle', from: { x: 0.1, y: 0.2 }, to: { x: 0.5, y: 0.4 } }, 1000, 500)).toEqual({
      kind: 'circle',
      cx: 300,
      cy: 150,
      rx: 200,
      ry: 50,
    });
    const arrow = drawnOn({ kind: 'arrow', from: { x: 0, y: 0.5 }, to: { x: 0.5, y: 0.5 } }, 1000, 500);
    expect(arrow.kind === 'arrow' && arrow.path).toMatch(
      /^M0\.0 250\.0L500\.0 250\.0M500\.0 250\.0L445\.9 22\d\.\dM500\.0 250\.0L445\.9 27\d\.\d$/,
    );
  });
  it('is never anything but numbers', () => {
    const share = fc.double({ min: -2, max: 2 });
    const point = fc.record({ x: share, y: share });
    fc.assert(
      fc.property(fc.constantFrom(...SHAPE_KINDS), point, point, (kind, from, to) => {
        const shape = shapeOf(kind, from, to);
        if (!shape) return;
        expect(
          [shape.from.x, shape.from.y, shape.to.x, shape.to.y].every((value) => value >= 0 && value <= 1),
        ).toBe(true);
        expect(JSON.stringify(drawnOn(shape, 640, 480))).not.toMatch(/NaN|null|Infinity/);
      }),
    );
  });
});
