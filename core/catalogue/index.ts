export { type At, type Checkpoint, type Fault } from './checkpoint';
export { DEFAULT_POLICY, MARKING_WAYS, marksOneByOne, type MarkingWay, type PolicyVersion } from './policy';
export { ROUTE_KEYS, STATION_ROWS, stationsOf, zonesOf, type RouteKey, type Station } from './route';
export { holds, type Rule } from './rule';
export { askedKey, askedOf, newCriticals, type Asked, type SheetItem, type SheetVersion, type Validity } from './sheet';
export { isWorse, PHASES, POSITIONS, SEVERITIES, worstSeverity, ZONES, type Phase, type Position, type Severity, type Zone } from './words';
