export interface IntakeEvents {
  'intake.opened': { bikeId: string; intakeId: string; from: string; asking: number; worth: number };
  'intake.priced': {
    bikeId: string;
    intakeId: string;
    asking: number;
    worth: number;
    prices: readonly { findingId: string; parts: number; minutes: number }[];
  };
  'intake.decided': { bikeId: string; intakeId: string; accept: boolean; reason: string };
}
