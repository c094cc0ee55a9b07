import { BlockList, isIPv4, isIPv6 } from 'node:net';

/** Everything that is no address of the open internet: this machine, this network, and what is kept for special use. */
const NOT_PUBLIC = new BlockList();
for (const [net, prefix] of [
  ['0.0.0.0', 8],
  ['10.0.0.0', 8],
  ['100.64.0.0', 10],
  ['127.0.0.0', 8],
  ['169.254.0.0', 16],
  ['172.16.0.0', 12],
  ['192.0.0.0', 24],
  ['192.0.2.0', 24],
  ['192.88.99.0', 24],
  ['192.168.0.0', 16],
  ['198.18.0.0', 15],
  ['198.51.100.0', 24],
  ['203.0.113.0', 24],
  ['224.0.0.0', 4],
  ['240.0.0.0', 4],
] as const)
  NOT_PUBLIC.addSubnet(net, prefix, 'ipv4');

/** The part of the sixth version's addresses that is given out to the open internet, but for what is kept in it. */
const GIVEN_OUT = new BlockList();
GIVEN_OUT.addSubnet('2000::', 3, 'ipv6');
for (const [net, prefix] of [
  ['2001::', 23],
  ['2001:db8::', 32],
  ['2002::', 16],
  ['3fff::', 20],
] as const)
  NOT_PUBLIC.addSubnet(net, prefix, 'ipv6');

/** Whether an address of the internet protocol is one of the open internet. What is no address is not. */
export function isPublicAddress(address: string): boolean {
  if (isIPv4(address)) return !NOT_PUBLIC.check(address, 'ipv4');
  if (!isIPv6(address)) return false;
  return GIVEN_OUT.check(address, 'ipv6') && !NOT_PUBLIC.check(address, 'ipv6');
}
