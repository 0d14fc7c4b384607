// The one script of every page: wires the behaviours, each a module of its own.
import "./typing.mjs";
import "./shortcuts.mjs";
import "./near.mjs";
import "./once.mjs";
import "./fill.mjs";
import "./focus.mjs";
import "./go.mjs";
import "./sign-out.mjs";
import "./stays.mjs";
import "./time-left.mjs";
import "./typed-early.mjs";

if (document.querySelector("[data-describes]")) import("./describe.mjs");
if (document.querySelector("[data-plan]")) import("./plan-editor.mjs");
if (document.querySelector("[data-passkey-make], [data-passkey-use]")) import("./passkeys.mjs");
if (document.querySelector("[data-board]")) import("./week-board.mjs");
if (document.querySelector("[data-rehearsal]")) import("./rehearsal.mjs");
if (document.querySelector("[data-hours]")) import("./hours.mjs");
if (document.querySelector("[data-sessions]")) import("./session-bands.mjs");
if (document.querySelector("[data-set-up]")) import("./set-up.mjs");
if (document.querySelector(".tool")) import("./pull.mjs");
if (document.querySelector("[data-pegs]")) import("./pegs.mjs");
if (document.querySelector("[data-entry]")) import("./entries.mjs");
if (document.querySelector("[data-reading]")) import("./reading.mjs");
