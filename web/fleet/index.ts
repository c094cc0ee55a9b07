export { useAnswers } from './answers';
export { giveFound, useFound } from './found';
export { freeHooks, putAwayHint } from './put-away';
export { useFleet } from './use-fleet';
export { usePicked } from './use-picked';
export { useSite } from './use-site';
