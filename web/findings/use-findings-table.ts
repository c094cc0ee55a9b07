import { computed } from 'vue';
import {
  createSortedRowModel,
  rowSortingFeature,
  tableFeatures,
  useTable,
  type ColumnDef,
} from '@tanstack/vue-table';
import { SEVERITIES } from '@cadre/core/catalogue';
import { FOUND_STATES, type FindingRow, type FoundState } from './use-findings';
import * as t from './messages';

const features = tableFeatures({ rowSortingFeature, sortedRowModel: createSortedRowModel() });
const by =
  (of: (row: FindingRow) => number | string) =>
  (a: { original: FindingRow }, b: { original: FindingRow }): number => {
    const [x, y] = [of(a.original), of(b.original)];
    return x < y ? -1 : x > y ? 1 : 0;
  };
const column = (
  id: string,
  header: string,
  of: (row: FindingRow) => number | string,
): ColumnDef<typeof features, FindingRow> => ({
  id,
  header,
  accessorFn: of,
  sortFn: by(of),
});
/** An overdue soon stands with the stops. */
const weight = (row: FindingRow): number => (row.overdue ? 0.5 : SEVERITIES.indexOf(row.severity));
const columns = [
  column('severity', t.severity, weight),
  column('tag', t.bike, (row) => row.tag),
  column('what', t.finding, (row) => row.what),
  column('where', t.zone, (row) => row.where),
  column('state', t.state, (row) => FOUND_STATES.indexOf(row.finding.state as FoundState)),
  column('openedAt', t.found, (row) => -row.openedAt),
  column('until', t.fixBy, (row) => row.until),
];

/** Findings in rows, worst first until another head is touched. */
export function useFindingsTable(rows: () => readonly FindingRow[]) {
  const data = computed(() => [...rows()]);
  return useTable({
    features,
    columns,
    data,
    initialState: { sorting: [{ id: 'severity', desc: false }] },
    getRowId: (row: FindingRow) => row.id,
  });
}
