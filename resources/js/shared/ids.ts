const BASE32 = '0123456789ABCDEFGHJKMNPQRSTVWXYZ';

/** A new ULID: what a layer, line or step is told apart by, whatever it is called and wherever it stands. */
export function newId(now = Date.now()): string {
    let time = '';
    for (let left = now, n = 0; n < 10; n += 1, left = Math.floor(left / 32)) time = (BASE32[left % 32] ?? '0') + time;
    return time + [...crypto.getRandomValues(new Uint8Array(16))].map((byte) => BASE32[byte % 32] ?? '0').join('');
}
