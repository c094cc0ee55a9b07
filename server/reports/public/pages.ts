import type { Zone } from '@cadre/core/catalogue';
import type { Fitness } from '@cadre/core/fitness';
import type { Build } from '@cadre/core/fleet';
import { faultsAt, REPORT_LIMITS, reportPlaces, type ReportFault } from '@cadre/core/reports';
import { trailCards } from '@cadre/core/shipped';
import { drawing } from './drawing';
import { markup, type Html } from './html';
import { FORMS, page } from './page';
import { FAULT_NAMES, KIND_NAMES, placeName, PLACE_NAMES, STATE_WORDS } from './words';
import * as t from '../messages';

/** What a stranger is shown of a bike: what it is and whether it may be ridden. */
export interface PublicBike {
  readonly tag: string;
  readonly model: string;
  readonly size: string;
  readonly build: Build;
  readonly fitness: Fitness;
}

const head = ({ tag, model, size, build }: PublicBike): Html =>
  markup`<h1>${tag}</h1>
    <p class="s">
      ${[size ? t.bikeSize({ kind: KIND_NAMES[build.kind], size }) : KIND_NAMES[build.kind], model].filter(Boolean).join(' · ')}
    </p>`;

/** What this bike is, whether it may be ridden now, and where a problem is told. */
export function bikePage(base: string, bike: PublicBike): string {
  const { word, more } = STATE_WORDS[bike.fitness];
  return page(
    `${bike.tag}: ${word}`,
    markup`${head(bike)}
      <div class="w ${bike.fitness}" role="status">
        ${FORMS[bike.fitness]}
        <div><b>${word}</b>${more}</div>
      </div>
      <a class="b m" href="${base}/report">${t.reportProblem}</a
      ><a class="b" href="${base}/help">${t.trailHelp}</a>`,
  );
}

/**
 * How to get home: a card for each thing that goes wrong out there, as this bike is built; each ends in a report that holds the bike. At hand without signal once it was
 * opened, and then its reports wait on the phone.
 */
export function helpPage(base: string, bike: PublicBike, newId: () => string): string {
  return page(
    t.trailHelp,
    markup`${head(bike)}
      <h2>${t.trailHelp}</h2>
      <p>${t.trailHelpFirst}</p>
      <p class="w" id="said" role="status" data-waits="${t.reportWaits}" data-sent="${t.reportSent}"
        data-refused="${t.reportNotAccepted}" hidden></p>
      ${trailCards(bike.build).map(
        ({ key, name, steps, walk, zone, fault }) =>
          markup`<details data-card="${key}">
            <summary>${name}</summary>
            <ol>
              ${steps.map((step) => markup`<li>${step}</li>`)}
            </ol>
            <p class="h"><b>${walk}</b></p>
            <form method="post" enctype="multipart/form-data" action="${base}/report" data-report>
              <input type="hidden" name="id" value="${newId()}" /><input type="hidden" name="zone" value="${zone}" /><input
                type="hidden"
                name="fault"
                value="${fault}"
              /><input type="hidden" name="ride" value="no" /><input type="hidden" name="note" value="${t.fromTrailHelp({ name })}" />
              <button class="x">${t.reportAndHold}</button>
            </form>
          </details>`,
      )}<a class="b m" href="${base}/report">${t.reportProblem}</a
      ><a class="b" href="${base}">${t.back}</a>
      <script src="/r/offline/queue.js" defer></script>
      <script src="/r/offline/page.js" defer></script>`,
  );
}

/** First touch: the place. */
export function placePage(base: string, bike: PublicBike): string {
  const places = reportPlaces(bike.build);
  const linkTo = (zone: Zone | null): string => `${base}/report/${zone ?? 'somewhere'}`;
  return page(
    t.reportProblem,
    markup`<h1>${t.whereIsProblem}</h1>
      <p class="s">${bike.tag} · ${t.touchPlace}</p>
      ${drawing(bike.build, places, linkTo)}
      <ul>
        ${places.map((zone) => markup`<li><a class="b" href="${linkTo(zone)}">${PLACE_NAMES[zone]}</a></li>`)}
      </ul>
      <a class="b" href="${linkTo(null)}">${t.notSureWhere}</a><a class="b" href="${base}">${t.back}</a>`,
  );
}

/** Second touch: what is wrong there. */
export function faultPage(base: string, bike: PublicBike, zone: Zone | null): string {
  const at = `${base}/report/${zone ?? 'somewhere'}`;
  return page(
    t.whatIsWrong,
    markup`<h1>${t.whatIsWrongAt({ place: placeName(zone) })}</h1>
      <p class="s">${bike.tag}</p>
      ${faultsAt(zone).map((fault) => markup`<a class="b" href="${at}/${fault}">${FAULT_NAMES[fault]}</a>`)}<a
        class="b"
        href="${base}/report"
        >${t.back}</a
      >`,
  );
}

/** Third touch sends it: riding on or not. A photo, words and a name go with it where somebody wants. */
export function sendPage(
  base: string,
  bike: PublicBike,
  said: { readonly zone: Zone | null; readonly fault: ReportFault },
  form: { readonly id: string; readonly days: number },
): string {
  const at = `${base}/report/${said.zone ?? 'somewhere'}`;
  return page(
    t.canYouRide,
    markup`<h1>${t.canYouRide}</h1>
      <p class="s">
        ${bike.tag} · ${t.problemIs({ place: placeName(said.zone), fault: FAULT_NAMES[said.fault] })}
      </p>
      <form method="post" enctype="multipart/form-data" action="${base}/report">
        <input type="hidden" name="id" value="${form.id}" /><input
          type="hidden"
          name="zone"
          value="${said.zone ?? ''}"
        /><input type="hidden" name="fault" value="${said.fault}" />
        <label for="f">${t.photo}</label
        ><input id="f" name="photo" type="file" accept="image/*" capture="environment" />
        <button name="ride" value="yes">${t.stillRiding}</button
        ><button class="x" name="ride" value="no">${t.standing}</button>
        <label for="n">${t.note}</label
        ><textarea id="n" name="note" rows="2" maxlength="${REPORT_LIMITS.noteMost}"></textarea
        ><label for="m">${t.yourName}</label
        ><input
          id="m"
          name="name"
          maxlength="${REPORT_LIMITS.nameMost}"
          autocomplete="off"
          aria-describedby="k"
        />
        <p class="s" id="k">${t.nameKept({ days: form.days })}</p>
        <p class="z">
          <label for="u">${t.leaveEmpty}</label
          ><input id="u" name="website" tabindex="-1" autocomplete="off" />
        </p>
      </form>
      <a class="b" href="${at}">${t.back}</a>`,
  );
}

export type Arrived = 'held' | 'not-held' | 'queued';
const ARRIVED_WORDS: Record<Arrived, string> = {
  held: t.heldNow,
  'not-held': t.notHeldNow,
  queued: t.queuedNow,
};

export function thanksPage(
  base: string,
  bike: PublicBike,
  arrived: Arrived,
  photo: 'taken' | 'none' | 'unreadable' | 'dropped',
): string {
  return page(
    t.thankYou,
    markup`<h1>${t.thankYou}</h1>
      <p>${bike.tag}</p>
      <div class="w ${arrived === 'held' && 'held'}" role="status">
        ${arrived === 'held' && FORMS.held}
        <div>${ARRIVED_WORDS[arrived]}</div>
      </div>
      ${photo === 'unreadable' && markup`<p>${t.photoLeftOut}</p>`}${photo === 'dropped' && markup`<p>${t.photoNotTaken}</p>`}<a
        class="b"
        href="${base}"
        >${t.back}</a
      >`,
  );
}

/** A form that was sent in pieces, or made by hand. */
export function wrongPage(base: string): string {
  return page(
    t.reportProblem,
    markup`<h1>${t.reportProblem}</h1>
      <p>${t.formWrong}</p>
      <a class="b m" href="${base}/report">${t.toReport}</a>`,
  );
}

/** Unknown, ended, guessed: the same page for all. */
export const NOT_VALID_PAGE = page(
  t.notValid,
  markup`<h1>${t.notValid}</h1>
    <div class="w held">
      ${FORMS.held}
      <div>${t.notValidMore}</div>
    </div>`,
);
