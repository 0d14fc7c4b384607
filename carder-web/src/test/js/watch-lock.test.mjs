import assert from "node:assert/strict";
import {test} from "node:test";
import {make, problem, unwrap, wait, MOST_TRIES} from "../../../assets/js/watch-lock.mjs";

const hamish = {id: "h", name: "Hamish Vale"};

for (const [kind, secret] of [["pin", "730914"], ["passphrase", "raft of seven parcels"]]) {
  // OWASP's Password Storage Cheat Sheet asks for 600,000 rounds of PBKDF2 with SHA-256 (from memory).
  test(`a store opens with its ${kind} and with no other, and each try costs six hundred thousand rounds`, async context => {
    const derived = context.mock.method(SubtleCrypto.prototype, "deriveKey").mock;
    const {lock, key} = await make(hamish, kind, secret);
    const iv = new Uint8Array(12);
    const sealed = await crypto.subtle.encrypt({name: "AES-GCM", iv}, key, Buffer.from("Kofi"));

    assert.equal(await unwrap(lock, secret.replace(/.$/, "8")), null);
    const again = await unwrap(lock, secret);
    assert.equal(Buffer.from(await crypto.subtle.decrypt({name: "AES-GCM", iv}, again, sealed)).toString(), "Kofi");
    assert.equal(again.extractable, false);
    assert.ok(!JSON.stringify(lock).includes(secret));
    assert.deepEqual(derived.calls.map(({arguments: [{name, hash, iterations}]}) => [name, hash, iterations >= 600_000]),
      Array(3).fill(["PBKDF2", "SHA-256", true]));
  });
}

test("two people with the same secret have nothing in common that could be seen", async () => {
  const [one, two] = [await make(hamish, "pin", "730914"), await make(hamish, "pin", "730914")];
  assert.notDeepEqual(one.lock.wrapped, two.lock.wrapped);
  assert.notDeepEqual(one.lock.salt, two.lock.salt);
});

test("a PIN has six digits, and not those that everybody tries first", () => {
  for (const pin of ["12345", "1234567", "12345a", ""]) assert.equal(problem("pin", pin, pin), "digits", pin);
  for (const pin of ["111111", "123456", "654321", "121212", "123123", "890123"]) assert.equal(problem("pin", pin, pin), "plain", pin);
  assert.equal(problem("pin", "730914", "730914"), null);
  assert.equal(problem("pin", "730914", "730915"), "differs");
});

test("a passphrase has twelve characters or more, and more than three different ones", () => {
  assert.equal(problem("passphrase", "raft parcel", "raft parcel"), "short");
  assert.equal(problem("passphrase", "abababababababab", "abababababababab"), "short");
  assert.equal(problem("passphrase", "raft of seven parcels", "raft of seven parcels"), null);
});

test("each wrong try makes the next one wait longer, up to five minutes", () => {
  const waits = Array.from({length: MOST_TRIES + 1}, (_, tries) => wait(tries));
  assert.deepEqual(waits.slice(0, 5), [0, 0, 0, 1000, 2000]);
  assert.deepEqual(waits, waits.toSorted((a, b) => a - b));
  assert.equal(wait(30), 300_000);
});
