// The lock of what one person may read on this device. Their store has a key of its own, wrapped by a key that comes from their secret: a
// PIN or passphrase through PBKDF2, or the device's own passkey through WebAuthn's PRF. The key is never stored as it is.

/** OWASP's figure for PBKDF2 with SHA-256, of 2023, from memory. */
const ITERATIONS = 600_000;
const PIN = /^\d{6}$/;
const SHORTEST_PASSPHRASE = 12;
const FREE_TRIES = 3;
const LONGEST_WAIT = 300_000;

/** After so many wrong tries what could be read is thrown away, and only a full sign-in helps. */
export const MOST_TRIES = 10;

const random = length => crypto.getRandomValues(new Uint8Array(length));
const utf8 = text => new TextEncoder().encode(text);

/** What is wrong with a secret that somebody chose; null where nothing is. */
export function problem(kind, secret, again) {
  if (kind === "passkey") return null;
  if (kind === "pin" && !PIN.test(secret)) return "digits";
  if (kind === "pin" && isPlain(secret)) return "plain";
  if (kind === "passphrase" && ([...secret].length < SHORTEST_PASSPHRASE || new Set(secret).size < 4)) return "short";
  return secret === again ? null : "differs";
}

/** 111111, 123456, 654321, 121212, 123123: tried first by everybody. */
function isPlain(pin) {
  const steps = new Set([...pin].slice(1).map((digit, at) => (digit - pin[at] + 10) % 10));
  return steps.size === 1 || /^(..)\1\1$/.test(pin) || /^(...)\1$/.test(pin);
}

/** How long to wait after so many wrong tries, in ms. */
export const wait = tries => tries < FREE_TRIES ? 0 : Math.min(LONGEST_WAIT, 1000 * 2 ** (tries - FREE_TRIES));

/** A lock for a person, and the key that it opens to. */
export async function make(person, kind, secret) {
  const lock = {...person, kind, salt: random(32), iterations: ITERATIONS, iv: random(12), tries: 0, notBefore: 0};
  if (kind === "passkey") lock.credential = await passkey(person);
  const outer = await wrapping(lock, secret);
  const key = await crypto.subtle.generateKey({name: "AES-GCM", length: 256}, true, ["encrypt", "decrypt"]);
  lock.wrapped = await crypto.subtle.wrapKey("raw", key, outer, {name: "AES-GCM", iv: lock.iv});
  return {lock, key: await inside(lock, outer)};
}

/** The key behind a lock; null where the secret is wrong. */
export const unwrap = async (lock, secret) => inside(lock, await wrapping(lock, secret));

async function inside(lock, outer) {
  try {
    return await crypto.subtle.unwrapKey("raw", lock.wrapped, outer, {name: "AES-GCM", iv: lock.iv},
      {name: "AES-GCM", length: 256}, false, ["encrypt", "decrypt"]);
  } catch {
    return null;
  }
}

async function wrapping({kind, salt, iterations, credential}, secret) {
  const uses = ["wrapKey", "unwrapKey"];
  const aes = {name: "AES-GCM", length: 256};
  if (kind === "passkey") {
    const material = await crypto.subtle.importKey("raw", await prf(credential, salt), "HKDF", false, ["deriveKey"]);
    return crypto.subtle.deriveKey({name: "HKDF", hash: "SHA-256", salt, info: utf8("carder store")}, material, aes, false, uses);
  }
  const material = await crypto.subtle.importKey("raw", utf8(secret.normalize("NFKC")), "PBKDF2", false, ["deriveKey"]);
  return crypto.subtle.deriveKey({name: "PBKDF2", hash: "SHA-256", salt, iterations}, material, aes, false, uses);
}

/** Whether this device may have a passkey that derives keys; for certain only trying tells. */
export const mayHavePasskey = async () => Boolean(await globalThis.PublicKeyCredential?.isUserVerifyingPlatformAuthenticatorAvailable?.());

/** A passkey that opens this store and nothing else: the server never hears of it. */
async function passkey({id, name}) {
  const made = await navigator.credentials.create({publicKey: {
    challenge: random(32), rp: {name: "Carder, this device"}, user: {id: utf8(`device ${id}`), name, displayName: name},
    pubKeyCredParams: [{type: "public-key", alg: -7}, {type: "public-key", alg: -257}],
    authenticatorSelection: {authenticatorAttachment: "platform", userVerification: "required", residentKey: "preferred"},
    extensions: {prf: {}},
  }});
  if (!made.getClientExtensionResults().prf?.enabled) throw Object.assign(new Error("prf"), {code: "prf"});
  return new Uint8Array(made.rawId);
}

async function prf(credential, salt) {
  const found = await navigator.credentials.get({publicKey: {
    challenge: random(32), allowCredentials: [{type: "public-key", id: credential}], userVerification: "required",
    extensions: {prf: {eval: {first: salt}}},
  }});
  return found.getClientExtensionResults().prf.results.first;
}
