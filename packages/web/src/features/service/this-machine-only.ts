/** Names of this machine that mean, on any other one, that other one. */
const own = /^(localhost|.+\.localhost|127(\.\d+){3}|0\.0\.0\.0|\[::1?\])$/;

/** Whether an address leads no other machine here: a phone that opens it finds itself. */
export function isThisMachineOnly(address: string): boolean {
  try {
    return own.test(new URL(/^\w+:\/\//.test(address) ? address : `http://${address}`).hostname);
  } catch {
    return false;
  }
}
