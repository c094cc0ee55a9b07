import { expose } from 'comlink';
import { writeTable, type FleetDocument } from '@cadre/core/exchange';
import { Desk, fleetCsv, fleetJson } from './desk';
import * as t from './messages';

const desk = new Desk();

export interface DeskWorker {
  open: Desk['open'];
  questions: Desk['questions'];
  preview: Desk['preview'];
  sites: Desk['sites'];
  good: Desk['good'];
  wrong: Desk['wrong'];
  badRows: Desk['badRows'];
  write(fleet: FleetDocument, form: 'csv' | 'xlsx' | 'json'): Promise<Blob>;
}

const worker: DeskWorker = {
  open: (file, remembered) => desk.open(file, remembered),
  questions: (columns) => desk.questions(columns),
  preview: (answers, fleet) => desk.preview(answers, fleet),
  sites: () => desk.sites(),
  good: () => desk.good(),
  wrong: () => desk.wrong(),
  badRows: (reasons) => desk.badRows(reasons),
  async write(fleet, form) {
    if (form === 'csv') return new Blob([fleetCsv(fleet)], { type: 'text/csv;charset=utf-8' });
    if (form === 'json') return new Blob([fleetJson(fleet)], { type: 'application/json' });
    const { writeSheet } = await import('./workbook');
    return new Blob([await writeSheet(writeTable(fleet), t.fleet)], {
      type: 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet',
    });
  },
};
expose(worker);
