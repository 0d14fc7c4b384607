// Asks the translated core: reads a file of [{ask, given}] and prints the answers, in the words of another file.
import {readFileSync} from "node:fs";
import * as core from "../../../target/classes/static/shipped/js/core.mjs";

const said = JSON.parse(readFileSync(process.argv[3], "utf8"));
core.speak(Object.keys(said), Object.values(said));
const cases = JSON.parse(readFileSync(process.argv[2], "utf8"));
// As on a device, the rules of a language are one object for all texts.
const languages = {};
const once = value => value?.watched ? languages[value.code] ??= value : value;
console.log(JSON.stringify(cases.map(({ask, given}) => core[ask](...given.map(once)))));
