// How this browser was told to look. The device keeps Watch as one page, whatever was chosen before or after, so it asks the cookie itself.
const CHOICES = ["theme", "text", "contrast", "thumb", "keys"];

/** What a cookie says of each choice. */
export function said(cookies) {
  const options = /(?:^|; )carder-look=([\w.]+)/.exec(cookies)?.[1].split(".") ?? [];
  return Object.fromEntries(CHOICES.slice(0, options.length).map((choice, at) => [choice, options[at]]));
}

if (globalThis.document) Object.assign(document.documentElement.dataset, said(document.cookie));
