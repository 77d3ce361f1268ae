import { hostname, networkInterfaces } from 'node:os';

/**
 * The names under which this machine is reached from the network: its addresses, its name, and its name as it is said on a
 * local network.
 * @param host the address that the gate listens at; 0.0.0.0: all of them
 */
export function ownNames(host: string, more: ReadonlySet<string>): string[] {
  const addresses = host === '0.0.0.0' ? outerAddresses() : [host];
  const name = hostname().toLowerCase();
  const said = host === '0.0.0.0' && /^[a-z0-9-]+$/.test(name) ? [name, `${name}.local`] : [];
  return [...new Set([...addresses, ...said, ...more])];
}

function outerAddresses(): string[] {
  return Object.values(networkInterfaces())
    .flat()
    .flatMap((one) =>
      one !== undefined && !one.internal && one.family === 'IPv4' ? [one.address] : [],
    );
}
