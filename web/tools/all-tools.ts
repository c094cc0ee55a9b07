import { lever, pads, rotor, track } from './kinds/brakes';
import { chainByGauge, chainByLength, chainByRuler, hanger, slack } from './kinds/drivetrain';
import { bearing, leakTool, runOut, spokes, tyre } from './kinds/wheels';
import { adapter, battery, decline, sag, torque, units, waiting } from './kinds/work';
import type { Tool, ToolGroup } from './tool';
import * as t from './messages';

export const TOOL_GROUPS: readonly ToolGroup[] = [
  { name: t.drivetrain, tools: [chainByRuler, chainByLength, chainByGauge, hanger, slack, waiting] },
  { name: t.brakes, tools: [pads, rotor, track, lever] },
  { name: t.wheelsTyres, tools: [tyre, leakTool, runOut, spokes, bearing] },
  { name: t.torqueUnits, tools: [torque, adapter, units] },
  { name: t.suspensionBatteryCost, tools: [sag, battery, decline] },
];

export function toolOf(key: string): Tool | null {
  return TOOL_GROUPS.flatMap((group) => group.tools).find((tool) => tool.key === key) ?? null;
}
