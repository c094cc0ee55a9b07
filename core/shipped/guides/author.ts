import type { Guide, GuideStep } from '@cadre/core/guides';

type Step = string | readonly [text: string, more: Pick<GuideStep, 'caution' | 'joint'>];
type Said = Omit<Guide, 'key' | 'name' | 'steps' | 'repairs'> & {
  readonly repairs: Readonly<Record<string, readonly string[] | 'all'>>;
  readonly steps: readonly Step[];
};

/** A guide with its steps as plain lines, those with a caution or a joint as pairs. */
export const guide = (key: string, name: string, { steps, repairs, ...said }: Said): Guide => ({
  ...{ key, name, ...said },
  repairs: Object.entries(repairs).map(([checkpoint, faults]) =>
    faults === 'all' ? { checkpoint } : { checkpoint, faults },
  ),
  steps: steps.map((step) => (typeof step === 'string' ? { text: step } : { text: step[0], ...step[1] })),
});
