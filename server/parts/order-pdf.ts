import type { TDocumentDefinitions } from 'pdfmake/interfaces';
import type { DataSource } from 'typeorm';
import type { SupplierOrder } from '@cadre/core/parts';
import { currentPolicy } from '@cadre/server/catalogue';
import { programEntity } from '@cadre/server/people';
import { siteDay } from '@cadre/core/schedule';
import { siteEntity } from '@cadre/server/fleet';
import { pdfWriter } from '@cadre/server/platform/pdf';
import * as t from './messages';

const wanted = (line: SupplierOrder['lines'][number]): string =>
  [
    ...line.wantedFor.map(({ tag, count }) => (count > 1 ? `${tag} (${count})` : tag)),
    line.toTheLeast > 0 ? t.forStock({ count: line.toTheLeast, minimum: line.item.least }) : '',
  ]
    .filter(Boolean)
    .join(', ');

function documentOf(
  program: string,
  orders: readonly SupplierOrder[],
  currency: string,
  day: string,
): TDocumentDefinitions {
  const format = new Intl.NumberFormat('en', { style: 'currency', currency });
  const unit = 10 ** (format.resolvedOptions().maximumFractionDigits ?? 2);
  const price = (minor: number): string => format.format(minor / unit);
  return {
    info: { title: t.reorderListOf({ program, day }) },
    pageMargins: [40, 48, 40, 48],
    defaultStyle: { fontSize: 10 },
    footer: (page, pages) => ({
      text: t.pageOf({ program, day, page, pages }),
      alignment: 'center',
      fontSize: 8,
    }),
    content: [
      { text: t.reorderList, fontSize: 20, bold: true },
      { text: `${program}, ${day}`, margin: [0, 2, 0, 8] },
      ...(orders.length === 0 ? [{ text: t.nothingToOrder }] : []),
      ...orders.flatMap((order) => [
        {
          text: order.supplier,
          fontSize: 13,
          bold: true,
          margin: [0, 12, 0, 4] as [number, number, number, number],
        },
        {
          table: {
            headerRows: 1,
            widths: ['*', 40, 60, 60, 150],
            body: [
              [t.part, t.count, t.priceEach, t.total, t.neededFor].map((text) => ({ text, bold: true })),
              ...order.lines.map((line) => [
                line.item.name,
                String(line.count),
                price(line.item.price),
                price(line.cost),
                wanted(line),
              ]),
              [
                { text: t.total, bold: true },
                '',
                '',
                { text: price(order.cost), bold: true },
                t.leadTime({ days: order.leadDays }),
              ],
            ],
          },
          layout: 'lightHorizontalLines',
        },
      ]),
    ],
  };
}

/** The order list as a PDF: a table a supplier, with what each line is for. */
export async function orderPdf(
  source: DataSource,
  orders: readonly SupplierOrder[],
  now: number,
): Promise<Buffer> {
  const [program] = await source.getRepository(programEntity).find({ take: 1 });
  const { policy } = await currentPolicy(source.manager);
  // Parts are ordered for the whole program: its first site says what day it is.
  const [site] = await source.getRepository(siteEntity).find({ order: { id: 'ASC' }, take: 1 });
  return (await pdfWriter())
    .createPdf(
      documentOf(program?.name ?? '', orders, policy.money.currency, siteDay(now, site?.timeZone ?? 'UTC')),
    )
    .getBuffer();
}
