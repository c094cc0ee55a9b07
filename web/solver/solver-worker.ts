import { expose } from 'comlink';
import loadHighs, { type Highs } from 'highs';
import wasmUrl from 'highs/runtime?url';
import { planCampaign, type CampaignProblem, type PlannedCampaign } from '@cadre/core/campaign';
import { planDay, type PlannedDay, type PlanProblem } from '@cadre/core/day-plan';

const SECONDS = 2;
let loaded: Highs | null = null;
/** The solver, or null where it cannot be fetched, as without signal. It ships with the app: left to itself it would look beside a file that is bundled. */
async function load(): Promise<Highs | null> {
  loaded ??= await loadHighs({ locateFile: () => wasmUrl }).catch(() => null);
  return loaded;
}

/** Plans are made here, so that the screen stays quick to the hand for the seconds it takes. */
const worker = {
  planDay: async (problem: PlanProblem): Promise<PlannedDay | null> => {
    const highs = await load();
    return highs && planDay(problem, highs, SECONDS, () => performance.now() / 1000);
  },
  planCampaign: async (problem: CampaignProblem): Promise<PlannedCampaign | null> => {
    const highs = await load();
    return highs && planCampaign(problem, highs, SECONDS);
  },
};
export type SolverWorker = typeof worker;
expose(worker);
