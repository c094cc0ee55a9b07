export interface ReassemblyEvents {
  /** `by`: who left it so, where somebody else's session delivered it. */
  'left-apart.opened': { bikeId: string; itemId: string; what: string; by?: string };
  'left-apart.closed': { bikeId: string; itemId: string };
}
