// Seals what is to be sent so that only the server can read it: for each record a key pair of its own, ECDH with the server's public key,
// HKDF, AES-GCM. Nobody who has the device can open it again, whoever wrote it included.
const CURVE = {name: "ECDH", namedCurve: "P-256"};
const PURPOSE = new TextEncoder().encode("carder sealed record");

/** Bytes as base64url. */
export function letters(bytes) {
  let text = "";
  for (let at = 0; at < bytes.length; at += 0x8000) text += String.fromCharCode(...bytes.subarray(at, at + 0x8000));
  return btoa(text).replaceAll("+", "-").replaceAll("/", "_").replace(/=+$/, "");
}

const fromLetters = text => Uint8Array.from(atob(text.replaceAll("-", "+").replaceAll("_", "/")), letter => letter.charCodeAt(0));

/** The server's key as it was used last; it rarely changes. */
let known = {};

async function imported(point) {
  if (known.point !== point) known = {point, key: await crypto.subtle.importKey("raw", fromLetters(point), CURVE, false, [])};
  return known.key;
}

/**
 * @param server {name, point}: the server's key
 * @param id what is sealed; it does not open under another id
 */
export async function seal(server, id, bytes) {
  const pair = await crypto.subtle.generateKey(CURVE, false, ["deriveBits"]);
  const point = new Uint8Array(await crypto.subtle.exportKey("raw", pair.publicKey));
  const theirs = await imported(server.point);
  const shared = await crypto.subtle.deriveBits({name: "ECDH", public: theirs}, pair.privateKey, 256);
  const material = await crypto.subtle.importKey("raw", shared, "HKDF", false, ["deriveKey"]);
  const key = await crypto.subtle.deriveKey({name: "HKDF", hash: "SHA-256", salt: point, info: PURPOSE}, material,
    {name: "AES-GCM", length: 256}, false, ["encrypt"]);
  const iv = crypto.getRandomValues(new Uint8Array(12));
  const data = await crypto.subtle.encrypt({name: "AES-GCM", iv, additionalData: new TextEncoder().encode(id)}, key, bytes);
  return {key: server.name, point: letters(point), iv: letters(iv), data: new Uint8Array(data)};
}
