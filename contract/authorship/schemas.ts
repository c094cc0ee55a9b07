import { hash, id } from '@cadre/contract/http/schemas';
import * as z from 'zod/mini';

/** An item's number in the series of its author on that browser. */
export const counter = z.int().check(z.gte(0));

const signature = z.string().check(z.regex(/^[A-Za-z0-9_-]{86}$/));

/** What a mark's author signed it with; where it stands in the series is told by the mark. */
export const markProof = z.object({ previous: hash, signature });

/** What the author of anything else signed it with. */
export const proof = z.object({ writerId: id, counter, previous: hash, signature });

/** A P-256 public key (SubjectPublicKeyInfo, base64url). */
export const publicKey = z.string().check(z.regex(/^[A-Za-z0-9_-]{120,130}$/));
