export interface ReassemblyEvents {
  /** `by`: who left it so, where somebody else's session delivered it. */
  'not-reassembled.opened': { bikeId: string; itemId: string; what: string; by?: string };
  'not-reassembled.closed': { bikeId: string; itemId: string };
}
