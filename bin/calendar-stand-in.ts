import { startCalendarServer } from '@cadre/test-world/stand-ins';
import { runCommand, say } from './say';

// A calendar of bookings on this machine, to try groups from an address without any service of the outside.
await runCommand(async () => {
  const stand = await startCalendarServer(Number(process.env.STAND_IN_PORT ?? '4180'));
  say(`Bookings: ${stand.address('/bookings.ics')}`);
  say(`Start Cadre with CADRE_CALENDAR_HOSTS=${stand.host} CADRE_CALENDAR_PRIVATE=1`);
});
