/** What makes and opens keys: loaded with a sign-in, nothing before it needs it. */
export const authorKeys = () => import('./keys');
export { allSigned, signLater, onOpened, proofFor, setSigner, signerOf } from './signer';
export { lastCounter, likelyPlace, readWriter, takeCounters } from './writers';
