import { parseSettings, type Settings } from '@cadre/server/platform/settings';
import { PlainError } from './say';

/** The settings, or one plain message that names every wrong one. */
export function readSettings(): Settings {
  const parsed = parseSettings(process.env);
  if ('settings' in parsed) return parsed.settings;
  const lines = parsed.faults.map(
    (fault) =>
      `  ${fault.name}${fault.value ? ` is "${fault.value}"` : ' is missing or empty'}; wanted: ${fault.wanted}`,
  );
  throw new PlainError(
    `${parsed.faults.length === 1 ? 'A setting is' : `${parsed.faults.length} settings are`} wrong:\n${lines.join('\n')}`,
    'Correct them and start again. docs/running.md lists them all.',
  );
}
