/** Pages of the way in, for a device that has nothing of the application yet: whole in themselves, without the application's files. */

export const STYLE = `
:root { --surround: #e9e9e9; --raised: #fff; --ink: #161616; --quiet: #5a5a5a; --outline: #767676; }
@media (prefers-color-scheme: dark) {
  :root { --surround: #1a1a1a; --raised: #262626; --ink: #f0f0f0; --quiet: #a8a8a8; --outline: #8a8a8a; }
}
* { box-sizing: border-box; }
body { margin: 0; background: var(--surround); color: var(--ink); font: 17px/1.45 system-ui, sans-serif; }
main { max-width: 560px; margin: 0 auto; padding: 20px 16px 48px; }
h1 { font-size: 26px; line-height: 1.15; margin: 0 0 8px; }
h2 { font-size: 19px; margin: 28px 0 6px; padding-top: 12px; border-top: 2px solid var(--ink); }
p, ul { margin: 8px 0; }
ul { padding-left: 20px; }
.quiet { color: var(--quiet); }
.figures { font: 16px/1.6 ui-monospace, monospace; background: var(--raised); padding: 10px 12px; white-space: pre-line; }
.code { font: 700 32px/1.2 ui-monospace, monospace; letter-spacing: 0.06em; }
label { display: block; margin: 14px 0 4px; font-weight: 700; }
input { width: 100%; min-height: 52px; padding: 0 12px; font: inherit; font-size: 20px; color: var(--ink);
  background: var(--raised); border: 1px solid var(--outline); border-radius: 0; }
button, a.act { display: flex; align-items: center; justify-content: center; width: 100%; min-height: 56px; margin-top: 16px;
  padding: 0 16px; font: inherit; font-weight: 700; text-decoration: none; color: var(--surround); background: var(--ink); border: 0;
  border-radius: 0; cursor: pointer; }
button:disabled { opacity: 0.5; }
a.plain { color: var(--ink); }
[role='alert']:not(:empty) { border-left: 6px solid var(--ink); background: var(--raised); padding: 10px 12px; margin-top: 14px; }
:focus-visible { outline: 3px solid var(--ink); outline-offset: 2px; }
[hidden] { display: none !important; }
`;

const page = (title: string, main: string, script: string, head = ''): string => `<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>${title}</title>
<link rel="stylesheet" href="/pair.css">
${head}</head>
<body>
<main>
${main}
</main>
<script src="${script}"></script>
</body>
</html>
`;

/** Words for the phones there are; common practice, no published source. */
const TO_TRUST = `
<ul>
  <li><b>iPhone, iPad:</b> fetch it, then Settings → the profile that was loaded → Install. After that Settings → General → About →
    Certificate Trust Settings: switch it on.</li>
  <li><b>Android:</b> fetch it, then Settings → Security → More → Install a certificate → CA certificate, and choose the file.</li>
  <li><b>A computer:</b> fetch it and open it; have it trusted for web sites, or bring it in under Authorities in the browser’s settings.</li>
</ul>`;

const TO_HOME_SCREEN = `
<ul>
  <li><b>iPhone, iPad:</b> the share sign, then Add to Home Screen.</li>
  <li><b>Android:</b> the browser’s menu, then Install or Add to home screen.</li>
</ul>`;

/** Text put into a page: names and addresses of the machine are not markup. */
const escaped = (text: string): string =>
  text.replace(/[&<>"']/g, (sign) => `&#${sign.charCodeAt(0)};`);

/** Eight pairs a row, as the machine's screen shows them. */
const inRows = (fingerprint: string): string => fingerprint.replace(/((?:\S\S ){7}\S\S) /g, '$1\n');

/** The plain page that hands out the authority's certificate: everything a phone needs before it can come in safely. */
export const trustPage = (fingerprint: string, address: string): string =>
  page(
    'Potter: trust this studio',
    `<h1>Potter on this device</h1>
<p>Three steps, once. Then it opens from the home screen, also while the network is away.</p>
<h2>1 Trust the studio</h2>
<p>This page is a plain one and could be another’s. Compare these signs with the machine’s screen, the first and the last few at least:</p>
<p class="figures" id="fingerprint">${escaped(inRows(fingerprint))}</p>
<p id="same" role="status"></p>
<a class="act" href="/authority.crt" download="potter-studio.crt">Fetch the certificate</a>
${TO_TRUST}
<p class="quiet">It vouches for the machine on your network and for nothing else.</p>
<h2>2 Pair</h2>
<p>Once it is trusted.</p>
<a class="act" id="pair" href="${escaped(address)}/pair">Pair this device</a>
<h2>3 Home screen</h2>
<p>After pairing, from the page you come to.</p>
${TO_HOME_SCREEN}`,
    '/trust.js',
  );

/** Takes the code and the fingerprint along that were scanned: they come behind the #, which no network sees. */
export const TRUST_SCRIPT = `
const [code = '', scanned = ''] = location.hash.slice(1).split('.');
const pair = document.getElementById('pair');
if (code) pair.href += '#' + code;
const shown = document.getElementById('fingerprint').textContent.replace(/[^0-9A-F]/g, '');
if (scanned)
  document.getElementById('same').textContent =
    scanned === shown
      ? 'They are the ones you scanned.'
      : 'These are NOT the signs you scanned. Do not fetch it; scan again.';
`;

/** Where a device is let in, with the code off the machine's screen. */
export const PAIR_PAGE = page(
  'Potter: pair this device',
  `<h1>Pair this device</h1>
<div id="asks">
<p>The code stands in Settings on the machine, under On the phone. It is good for ten minutes.</p>
<form id="form">
<label for="code">Code</label>
<input id="code" class="code" autocomplete="off" autocapitalize="characters" spellcheck="false" required maxlength="12">
<label for="name">What is this device called?</label>
<input id="name" autocomplete="off" required maxlength="60">
<div role="alert" id="fault"></div>
<button id="pair">Pair</button>
</form>
</div>
<div id="done" hidden>
<p>It goes by <b id="as"></b>.</p>
<a class="act" href="/bench">Open Potter</a>
<h2>Put it on the home screen</h2>
${TO_HOME_SCREEN}
</div>`,
  '/pair.js',
  `<link rel="manifest" href="/manifest.webmanifest">
<link rel="apple-touch-icon" href="/icons/icon-180.png">
`,
);

export const PAIR_SCRIPT = `
const by = (id) => document.getElementById(id);
const done = (name) => {
  document.querySelector('h1').textContent = 'This device is paired';
  by('as').textContent = name;
  by('asks').hidden = true;
  by('done').hidden = false;
};
// Who was quicker than this script keeps what was typed.
by('code').value ||= location.hash.slice(1).replace(/^(....)(....)$/, '$1-$2');
// The code has no more business in the address, nor in what the browser remembers of it.
history.replaceState(null, '', location.pathname);
by('name').value ||= /iPad/.test(navigator.userAgent) ? 'Tablet' : /iPhone|Android/.test(navigator.userAgent) ? 'Phone' : '';
const empty = ['code', 'name'].find((id) => !by(id).value);
if (empty) by(empty).focus();
const says = (text) => { by('fault').textContent = text; by('pair').disabled = false; };
const refused = (answer) => {
  const { message, faults = [] } = answer.error || {};
  return [message, ...faults.map((fault) => fault.message)].filter(Boolean).join(' ') || 'The studio did not answer as it should.';
};
by('form').addEventListener('submit', async (event) => {
  event.preventDefault();
  by('pair').disabled = true;
  by('fault').textContent = '';
  try {
    const response = await fetch('/api/pair', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ code: by('code').value, name: by('name').value }),
    });
    const answer = await response.json();
    if (response.ok) done(answer.name);
    else says(refused(answer));
  } catch {
    says('The studio does not answer. Is the machine on, and this device on its network?');
  }
});
fetch('/api/pair').then((response) => response.json()).then(({ name }) => { if (name) done(name); }).catch(() => undefined);
`;
