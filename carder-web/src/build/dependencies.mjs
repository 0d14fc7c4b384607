// Which libraries of the application are behind their newest version, and which have had no release for years: their home may be abandoned.
// Reads the bill of materials that the build makes. What the registry does not say is said as not known.
import {readFile} from "node:fs/promises";
import {pathToFileURL} from "node:url";

const REGISTRY = "https://repo.maven.apache.org/maven2";
const OLD = 3 * 365 * 24 * 3_600_000;
const AT_ONCE = 8;

/** Whether a version comes before another: number by number, then a release after what leads up to it. */
export function isBehind(ours, newest) {
  const parts = version => version.split(/[.\-+]/).map(part => /^\d+$/.test(part) ? Number(part) : part);
  const [a, b] = [parts(ours), parts(newest)];
  for (let at = 0; at < Math.max(a.length, b.length); at++) {
    const [one, other] = [a[at] ?? 0, b[at] ?? 0];
    if (one === other) continue;
    return typeof one === "number" && typeof other === "number" ? one < other : typeof one === "string" && typeof other === "number";
  }
  return false;
}

/** Whether a version is meant for use: no milestone, candidate, alpha, beta. */
export const isStable = version => !/^\d{8}\.\d{6}$/.test(version) && !/(^|[.\-])(m|rc|cr|alpha|beta|snapshot|pre)[.\-]?\d*($|[.\-])/i.test(version);

/** One line about a library. @param found {newest, at}; null where the registry could not be asked */
export function line({group, name, version}, found, now) {
  const who = `${group}:${name} ${version}`;
  if (!found) return `${who}: not known, the registry did not answer`;
  const behind = isBehind(version, found.newest) ? `, newest ${found.newest}` : "";
  const home = found.at !== null && now - found.at > OLD ? `, no release since ${new Date(found.at).toISOString().slice(0, 10)}: is its home abandoned?` : "";
  return behind || home ? who + behind + home : null;
}

async function ask({group, name}) {
  const home = `${REGISTRY}/${group.replaceAll(".", "/")}/${name}`;
  try {
    const metadata = await (await fetch(`${home}/maven-metadata.xml`)).text();
    const stable = [...metadata.matchAll(/<version>([^<]+)<\/version>/g)].map(([, version]) => version).filter(isStable);
    if (!stable.length) return null;
    const newest = stable.reduce((one, other) => isBehind(one, other) ? other : one);
    const at = Date.parse((await fetch(`${home}/${newest}/${name}-${newest}.pom`, {method: "HEAD"})).headers.get("last-modified") ?? "");
    return {newest, at: Number.isNaN(at) ? null : at};
  } catch {
    return null;
  }
}

async function main(bill) {
  const parts = JSON.parse(await readFile(bill, "utf8")).components.filter(part => part.group && part.group !== "app.carder");
  const lines = [];
  let undated = 0;
  for (let at = 0; at < parts.length; at += AT_ONCE) {
    const some = parts.slice(at, at + AT_ONCE);
    const found = await Promise.all(some.map(ask));
    undated += found.filter(one => one?.at === null).length;
    lines.push(...some.map((part, index) => line(part, found[index], Date.now())).filter(Boolean));
  }
  console.log(`${parts.length} libraries in the application; ${lines.length} to look at:`);
  lines.toSorted().forEach(one => console.log("  " + one));
  if (undated) console.log(`Of ${undated} the registry does not say when they were released: whether their homes are abandoned is not known.`);
}

if (import.meta.url === pathToFileURL(process.argv[1] ?? "").href) await main(process.argv[2]);
