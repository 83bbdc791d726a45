/**
 * The address from which a request comes: that of the connection or, where a proxy of ours stands in
 * front, the last one that it noted. What stands before it was written by the client.
 */
export function clientAddress(
  connection: string | undefined,
  forwarded: string | string[] | undefined,
  behindProxy: boolean,
): string {
  const noted = [forwarded ?? ''].flat().join(',').split(',').at(-1)!.trim();
  return behindProxy && noted !== '' ? noted : (connection ?? '');
}
