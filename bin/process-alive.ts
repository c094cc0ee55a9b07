import { readFileSync } from 'node:fs';

/**
 * Whether a process is really running. One that has ended but that nobody has reaped (its parent was killed,
 * and process 1 of a container may not reap) still has its number, and is not running.
 */
export function isRunning(pid: number): boolean {
  try {
    const stat = readFileSync(`/proc/${pid}/stat`, 'latin1');
    return !['Z', 'X'].includes(stat.slice(stat.lastIndexOf(')') + 2).charAt(0));
  } catch {
    return false; // no such process
  }
}
