import { describe, expect, it } from 'vitest';
import { TOUCHES } from '@cadre/core/catalogue';
import { INCIDENT_KINDS } from '@cadre/core/incidents';
import { takesReading } from '@cadre/core/measures';
import { CHECKPOINTS } from './checklists';
import { TRACES } from './traces';
import { RECORD_RULES } from './traces/record';

describe('the record rules of the shipped searches', () => {
  it('name questions, answers, checkpoints, faults, work and incidents that there are', () => {
    for (const [trace, question, rule] of RECORD_RULES) {
      const at = `${trace} ${question} ${rule.from}`;
      const asked = TRACES.find(({ key }) => key === trace)?.questions.find(({ key }) => key === question);
      expect(asked, at).toBeDefined();
      expect(asked?.answers[rule.answer], at).toBeDefined();
      if ('checkpoint' in rule) {
        const checkpoint = CHECKPOINTS.find(({ key }) => key === rule.checkpoint);
        expect(checkpoint, `${at} ${rule.checkpoint}`).toBeDefined();
        if (rule.from === 'reading') expect(takesReading(checkpoint?.measure), at).toBe(true);
        for (const fault of rule.from === 'finding' ? (rule.faults ?? []) : [])
          expect(
            checkpoint?.faults.some(({ key }) => key === fault),
            `${at} ${fault}`,
          ).toBe(true);
      }
      if (rule.from === 'incident') expect(INCIDENT_KINDS).toContain(rule.kind);
      if (rule.from === 'work') expect(TOUCHES).toContain(rule.touch);
    }
  });
});
