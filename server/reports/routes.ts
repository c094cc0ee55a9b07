import {
  addReport,
  closeReport,
  describeReport,
  listReports,
  reportToFinding,
  showReportPhoto,
} from '@cadre/contract/reports';
import { answering, type Implemented } from '@cadre/server/platform/http';
import type { Reports } from './service';

export const reportsRoutes = (reports: Reports): readonly Implemented[] => [
  answering(listReports, async (_sent, actor) => reports.list(actor)),
  answering(addReport, async ({ params, body }, actor) => reports.add(actor, params.id, body)),
  answering(describeReport, async ({ params, body }, actor) => reports.describe(actor, params.id, body)),
  answering(reportToFinding, async ({ params, body }, actor) => reports.toFinding(actor, params.id, body)),
  answering(closeReport, async ({ params, body }, actor) => reports.close(actor, params.id, body)),
  answering(showReportPhoto, async ({ params, res }, actor) => {
    const bytes = await reports.photo(actor, params.id);
    res.set({ 'content-type': 'image/jpeg', 'cache-control': 'private, max-age=3600' }).send(bytes);
    return {};
  }),
];
