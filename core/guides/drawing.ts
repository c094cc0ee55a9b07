/** What a line of a drawing is: a hard part, rubber, the part the job is about, a bare line, what is hidden behind, or the way something moves. */
export type DrawnRole = 'metal' | 'rubber' | 'work' | 'line' | 'hidden' | 'move';

export interface DrawnPath {
  /** A path as SVG writes it, within `DRAWING_SIZE`. */
  readonly d: string;
  readonly as: DrawnRole;
}

/** The name of a part, and where on the part its line ends. */
export interface DrawnLabel {
  readonly text: string;
  /** Where its text begins, or ends for one written towards the left. */
  readonly at: readonly [x: number, y: number];
  readonly towards: 'right' | 'left';
  readonly to: readonly [x: number, y: number];
}

/** A part of a bike in section or from one side, as far as a job needs it. Not to scale. */
export interface GuideDrawing {
  /** What it shows, for who cannot see it. */
  readonly name: string;
  readonly paths: readonly DrawnPath[];
  readonly labels: readonly DrawnLabel[];
}

/** The space of every drawing, in its own units; text is set at `text`. */
export const DRAWING_SIZE = { width: 320, height: 220, text: 13 } as const;

/** A letter is about so wide, as a part of its height. */
const LETTER = 0.55;

/** What the name of a part covers, in the units of the drawing. */
export function labelBox({ text, at: [x, y], towards }: DrawnLabel): {
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
} {
  const width = text.length * LETTER * DRAWING_SIZE.text;
  const left = towards === 'right' ? x : x - width;
  return {
    left,
    right: left + width,
    top: y - DRAWING_SIZE.text * 0.8,
    bottom: y + DRAWING_SIZE.text * 0.25,
  };
}
