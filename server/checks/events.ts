import type { ChecklistVersion } from '@cadre/core/catalogue';
import type { Finding } from '@cadre/core/findings';

export interface CheckEvents {
  /** `amends`: opened only to correct that signed check. */
  'check.opened': {
    bikeId: string;
    checkId: string;
    checklistHash: string;
    openedBy: string;
    recheck?: { repairId: string; checklist: ChecklistVersion };
    amends?: string;
  };
  'check.marked': { bikeId: string; checkId: string; markIds: readonly string[]; marksHash: string };
  'check.signed': {
    bikeId: string;
    checkId: string;
    signedBy: string;
    markIds: readonly string[];
    complete: boolean;
    criticalsMissing: readonly string[];
    awaitsCoSign: boolean;
    validUntil: number | null;
    hasty: boolean;
    /** What the checklist would ask but the build rules out, each with the clause that does. */
    ruledOut?: readonly { question: string; because: string }[];
    /** Every finding this check made or changed, as it stands after. */
    findings: readonly Finding[];
    rechecked?: { repairId: string };
  };
  'check.co-signed': { bikeId: string; checkId: string };
  'check.abandoned': { bikeId: string; checkId: string };
  'check.amended': {
    bikeId: string;
    checkId: string;
    amends: string;
    reason: string;
    signedBy: string;
    markIds: readonly string[];
    /** Criticals of the amended check nobody looked at after all: it is incomplete from here on. It never becomes more complete. */
    criticalsMissing: readonly string[];
    findings: readonly Finding[];
  };
}
