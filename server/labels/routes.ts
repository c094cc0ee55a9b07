import type { Request } from 'express';
import type { DataSource } from 'typeorm';
import { drawLabel, listLabels, makeLabels, printLabels } from '@cadre/contract/labels';
import { isReachable } from '@cadre/core/labels';
import { programEntity } from '@cadre/server/people';
import { answering, type Implemented } from '@cadre/server/platform/http';
import type { Labels } from './service';

export interface LabelDeps {
  readonly labels: Labels;
  readonly source: DataSource;
  readonly publicUrl: string | null;
}

export function labelsRoutes({ labels, source, publicUrl }: LabelDeps): readonly Implemented[] {
  /** What labels lead to: the public address where phones reach it. The demo prints with the address it is read at, whatever that is. */
  async function addressFor(req: Request): Promise<string | null> {
    if (isReachable(publicUrl)) return publicUrl;
    const [program] = await source.getRepository(programEntity).find({ take: 1 });
    return program?.demo ? (publicUrl ?? `${req.protocol}://${req.get('host') ?? 'localhost'}`) : null;
  }
  return [
    answering(listLabels, async ({ req }, actor) => ({
      ...(await labels.list(actor)),
      address: await addressFor(req),
    })),
    answering(makeLabels, async ({ body }, actor) => labels.make(actor, body)),
    answering(printLabels, async ({ query, req, res }, actor) => {
      const bytes = await labels.sheet(actor, await addressFor(req), query);
      res
        .set({
          'content-type': 'application/pdf',
          'content-disposition': 'attachment; filename="labels.pdf"',
        })
        .send(bytes);
      return {};
    }),
    answering(drawLabel, async ({ query, req, res }, actor) => {
      const bytes = await labels.picture(actor, await addressFor(req), query);
      res
        .set({ 'content-type': 'image/png', 'content-disposition': `attachment; filename="label.png"` })
        .send(bytes);
      return {};
    }),
  ];
}
