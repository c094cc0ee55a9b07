export interface SetupEvents {
  'program.set-up': { programId: string; name: string; demo: boolean };
}
