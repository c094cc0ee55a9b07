import { listSimilarFaults } from '@cadre/contract/similar-faults';
import { answering, type Implemented } from '@cadre/server/platform/http';
import type { SimilarFaults } from './service';

export const similarFaultsRoutes = (similarFaults: SimilarFaults): readonly Implemented[] => [
  answering(listSimilarFaults, async ({ params }, actor) => similarFaults.of(actor, params.id)),
];
