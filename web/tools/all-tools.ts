import { lever, pads, rotor, track } from './kinds/brakes';
import { chainByGauge, chainByLength, chainByRuler, hanger, slack } from './kinds/drivetrain';
import { bearing, leakTool, runOut, spokes, tyre } from './kinds/wheels';
import { adapter, battery, decline, sag, torque, units, waiting } from './kinds/work';
import type { Tool, ToolGroup } from './tool';

export const TOOL_GROUPS: readonly ToolGroup[] = [
  { name: 'Drivetrain', tools: [chainByRuler, chainByLength, chainByGauge, hanger, slack, waiting] },
  { name: 'Brakes', tools: [pads, rotor, track, lever] },
  { name: 'Wheels and tyres', tools: [tyre, leakTool, runOut, spokes, bearing] },
  { name: 'Torque and units', tools: [torque, adapter, units] },
  { name: 'Suspension, battery, money', tools: [sag, battery, decline] },
];

export function toolOf(key: string): Tool | null {
  return TOOL_GROUPS.flatMap((group) => group.tools).find((tool) => tool.key === key) ?? null;
}
