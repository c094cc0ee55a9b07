import type { TestProject } from 'vitest/node';
import startDatabase from '../../testing/global-setup';
import bundleServer from './bundle-server';

/** The database, and the server to be killed in one file: neither waits for the other. */
export default async function setup(project: TestProject): Promise<() => Promise<void>> {
  const [stop] = await Promise.all([startDatabase(project), bundleServer()]);
  return stop;
}
