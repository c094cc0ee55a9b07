import { connect } from '@cadre/server/app';
import { readSettings } from '../../bin/read-settings';
import { APP_USER } from '../../bin/open-store';
import { serve } from '../../bin/serve';

// A server process for the kill tests: the very app, over a database the test has made.
const { socketPath, password, name } = JSON.parse(process.env.TEST_DATABASE ?? '{}') as {
  socketPath: string;
  password: string;
  name: string;
};
const source = await connect({ socketPath, user: APP_USER, password, database: name });
await serve(source, readSettings());
process.stdout.write('listening\n');
