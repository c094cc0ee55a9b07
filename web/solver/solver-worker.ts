import { expose } from 'comlink';
import loadHighs, { type Highs } from 'highs';
import wasmUrl from 'highs/runtime?url';
import { planCampaign, type CampaignProblem, type PlannedCampaign } from '@cadre/core/campaign';
import { planDay, type PlannedDay, type PlanProblem } from '@cadre/core/day-plan';

const SECONDS = 2;
let loading: Promise<Highs> | null = null;
/** The solver ships with the app: left to itself it would look for its wasm beside a file that is bundled. */
const load = (): Promise<Highs> => (loading ??= loadHighs({ locateFile: () => wasmUrl }));

/** Plans are made here, so that the screen stays quick to the hand for the seconds it takes. */
const worker = {
  planDay: async (problem: PlanProblem): Promise<PlannedDay> =>
    planDay(problem, await load(), SECONDS, () => performance.now() / 1000),
  planCampaign: async (problem: CampaignProblem): Promise<PlannedCampaign> =>
    planCampaign(problem, await load(), SECONDS),
};
export type SolverWorker = typeof worker;
expose(worker);
