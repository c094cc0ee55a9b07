import type { Express, Request, Response } from 'express';
import type { DataSource } from 'typeorm';
import { v7 as newId } from 'uuid';
import { ZONES, type Zone } from '@cadre/core/catalogue';
import { evaluateFitness } from '@cadre/core/fitness';
import {
  faultsAt,
  REPORT_LIMITS,
  reportPlaces,
  type ReportFault,
  type ReportSaid,
} from '@cadre/core/reports';
import { currentPolicy } from '@cadre/server/catalogue';
import { factsOf, recordedUntil } from '@cadre/server/fitness';
import { findBike, type BikeRow } from '@cadre/server/fleet';
import { bikeOfCode } from '@cadre/server/labels';
import { reEncode } from '@cadre/server/photos';
import { RefusedError } from '@cadre/server/platform/event-log';
import { isOverLimit } from '../limits';
import { enqueue } from '../queue';
import type { ReportPhoto, Reports } from '../service';
import {
  bikePage,
  faultPage,
  helpPage,
  NOT_VALID_PAGE,
  placePage,
  sendPage,
  thanksPage,
  wrongPage,
  type Arrived,
  type PublicBike,
} from './pages';
import { serveOffline } from './offline';
import { readForm, type SentForm } from './read-form';

export interface PublicDeps {
  readonly source: DataSource;
  readonly reports: Reports;
  readonly now: () => number;
}

const UUID = /^[0-9a-f]{8}-[0-9a-f]{4}-7[0-9a-f]{3}-[0-9a-f]{4}-[0-9a-f]{12}$/;

function answer(res: Response, body: string, status = 200): void {
  res
    .status(status)
    // A page that tells nobody where it is sends its own forms from nowhere, and those are refused.
    .set({ 'cache-control': 'no-store', 'referrer-policy': 'same-origin', 'x-robots-tag': 'noindex' })
    .type('html')
    .send(body);
}

/** The place named in an address: null where nobody knows it, undefined where it is none of this bike. */
function placeIn(text: string | undefined, bike: BikeRow): Zone | null | undefined {
  if (text === 'somewhere' || text === '') return null;
  const zone = ZONES.find((each) => each === text);
  return zone && reportPlaces(bike.build).includes(zone) ? zone : undefined;
}
const faultIn = (text: string | undefined, zone: Zone | null): ReportFault | undefined =>
  faultsAt(zone).find((each) => each === text);

/** What a form says, or null where it says nothing that can be a report. */
function saidIn({ fields }: SentForm, bike: BikeRow): (ReportSaid & { readonly id: string }) | null {
  const zone = placeIn(fields['zone'], bike);
  const fault = zone === undefined ? undefined : faultIn(fields['fault'], zone);
  const id = fields['id'] ?? '';
  const ride = fields['ride'];
  if (zone === undefined || fault === undefined || !UUID.test(id) || (ride !== 'yes' && ride !== 'no'))
    return null;
  return { id, zone, fault, canRide: ride === 'yes' };
}

/** The page behind a label, for whoever reads it: no sign-in, no scripts but those that keep the trail help at hand, nothing of people or money. */
export function servePublicPages(app: Express, { source, reports, now }: PublicDeps): void {
  async function publicBike(bike: BikeRow): Promise<PublicBike> {
    const tx = source.manager;
    const { fitness } = evaluateFitness(
      await factsOf(tx, bike.id),
      now(),
      await recordedUntil(tx, bike.siteId),
    );
    const { tag, model, size, build } = bike;
    return { tag, model, size, build, fitness };
  }

  /** Answers a page of the bike a code is on; every code that is not valid gets one answer, found the same way. */
  const onBike =
    (show: (bike: BikeRow, base: string, req: Request, res: Response) => Promise<void>) =>
    async (req: Request, res: Response): Promise<void> => {
      const code = String(req.params['code'] ?? '');
      const bikeId = await bikeOfCode(source.manager, code);
      const bike = bikeId === null ? null : await findBike(source.manager, bikeId);
      if (!bike || bike.whereabouts === 'gone') answer(res, NOT_VALID_PAGE, 404);
      else await show(bike, `/r/${code}`, req, res);
    };

  async function photoIn(form: SentForm): Promise<ReportPhoto | 'unreadable' | null> {
    if (form.tooLarge) return 'unreadable';
    if (!form.photo) return null;
    try {
      return await reEncode(form.photo);
    } catch (error) {
      // Whatever is wrong with the photo, the report stands.
      if (error instanceof RefusedError) return 'unreadable';
      throw error;
    }
  }

  async function take(bike: BikeRow, base: string, req: Request, res: Response): Promise<void> {
    const form = await readForm(req).catch(() => null);
    const said = form && saidIn(form, bike);
    if (!form || !said) return answer(res, wrongPage(base), 400);
    const cut = (name: string, most: number): string => (form.fields[name] ?? '').trim().slice(0, most);
    const rider = {
      ...said,
      bikeId: bike.id,
      note: cut('note', REPORT_LIMITS.noteMost),
      name: cut('name', REPORT_LIMITS.nameMost),
      photo: null,
      times: 1,
    };
    const over = await isOverLimit(source, { bikeId: bike.id, address: req.ip ?? '' }, now());
    // What fills a field nobody sees is most likely a machine: its reports wait like those over the limit.
    if (over || form.fields['website']) {
      await enqueue(source, rider, now());
      return answer(
        res,
        thanksPage(base, await publicBike(bike), 'queued', form.photo || form.tooLarge ? 'dropped' : 'none'),
      );
    }
    const photo = await photoIn(form);
    const { holds } = await reports.fromRider({ ...rider, photo: photo === 'unreadable' ? null : photo });
    const arrived: Arrived = holds ? 'held' : 'not-held';
    return answer(
      res,
      thanksPage(
        base,
        await publicBike(bike),
        arrived,
        photo === 'unreadable' ? photo : photo ? 'taken' : 'none',
      ),
    );
  }

  serveOffline(app);
  app.get(
    '/r/:code',
    onBike(async (bike, base, _req, res) => answer(res, bikePage(base, await publicBike(bike)))),
  );
  app.get(
    '/r/:code/help',
    onBike(async (bike, base, _req, res) => answer(res, helpPage(base, await publicBike(bike), newId))),
  );
  app.get(
    '/r/:code/report',
    onBike(async (bike, base, _req, res) => answer(res, placePage(base, await publicBike(bike)))),
  );
  app.get(
    '/r/:code/report/:zone',
    onBike(async (bike, base, req, res) => {
      const zone = placeIn(req.params['zone'] as string, bike);
      if (zone === undefined) return answer(res, wrongPage(base), 404);
      return answer(res, faultPage(base, await publicBike(bike), zone));
    }),
  );
  app.get(
    '/r/:code/report/:zone/:fault',
    onBike(async (bike, base, req, res) => {
      const zone = placeIn(req.params['zone'] as string, bike);
      const fault = zone === undefined ? undefined : faultIn(req.params['fault'] as string, zone);
      if (zone === undefined || fault === undefined) return answer(res, wrongPage(base), 404);
      const { policy } = await currentPolicy(source.manager);
      const form = { id: newId(), days: policy.ridersKeptDays };
      return answer(res, sendPage(base, await publicBike(bike), { zone, fault }, form));
    }),
  );
  app.post('/r/:code/report', onBike(take));
}
