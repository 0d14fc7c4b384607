// Time-ordered ids (UUID version 7, RFC 9562), minted on the phone so that a record may be sent until it is sure.

/** An id from a time in milliseconds and 10 random bytes. */
export function uuid7(millis, random) {
  const bytes = new Uint8Array(16);
  for (let i = 0; i < 6; i++) bytes[i] = Math.floor(millis / 2 ** (8 * (5 - i))) % 256;
  bytes.set(random.subarray(0, 10), 6);
  bytes[6] = (bytes[6] & 0x0f) | 0x70;
  bytes[8] = (bytes[8] & 0x3f) | 0x80;
  const hex = [...bytes].map(byte => byte.toString(16).padStart(2, "0")).join("");
  return [hex.slice(0, 8), hex.slice(8, 12), hex.slice(12, 16), hex.slice(16, 20), hex.slice(20)].join("-");
}

export function nextId() {
  return uuid7(Date.now(), crypto.getRandomValues(new Uint8Array(10)));
}
