import { itemContent, type Proof } from '@cadre/core/authorship';
import { authorKeys, proofFor, signerOf } from '@cadre/web/platform/authorship';

/** What a photo's author signs it with: what it is of, and the picture's own bytes. */
export async function photoProof(
  said: { readonly author: string },
  picture: Blob,
): Promise<{ readonly proof?: Proof }> {
  if (!signerOf(said.author)) return {};
  const { digestOf } = await authorKeys();
  const hash = await digestOf(await picture.arrayBuffer());
  return proofFor(said.author, 'photo', itemContent({ picture: hash }, said));
}
