// What a photo file begins with, so that a false one is told before it is sent.
const FIRST_BYTES = {"image/jpeg": [0xff, 0xd8, 0xff], "image/png": [0x89, 0x50, 0x4e, 0x47]};

/** Whether a file begins as what it says it is. */
export function looksLike(type, bytes) {
  return (FIRST_BYTES[type] ?? [-1]).every((value, at) => bytes[at] === value);
}
