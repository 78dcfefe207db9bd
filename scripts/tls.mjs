// What the server’s secure door shows: a certificate of the firm’s own, or a self-made one that lasts, in the data folder.
import { X509Certificate } from 'node:crypto';
import { chmodSync, existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { isIP } from 'node:net';
import path from 'node:path';

/** The longest that browsers take a certificate for. */
const GOOD_FOR_DAYS = 397;
/** It is made anew so long before its end. */
const ANEW_BEFORE_DAYS = 30;
const DAY_MS = 86_400_000;

/** Whether a certificate is for these names, and for a while yet. */
function isGood(pem, hosts) {
  const certificate = new X509Certificate(pem);
  const names = certificate.subjectAltName ?? '';
  const known = new Set(names.split(', ').map((one) => one.replace(/^(DNS|IP Address):/, '')));
  const left = Date.parse(certificate.validTo) - Date.now();
  return left > ANEW_BEFORE_DAYS * DAY_MS && hosts.every((host) => known.has(host));
}

async function selfMade(folder, hosts) {
  const [certFile, keyFile] = ['cert.pem', 'key.pem'].map((name) => path.join(folder, name));
  if (existsSync(certFile) && existsSync(keyFile) && isGood(readFileSync(certFile), hosts))
    return { cert: readFileSync(certFile), key: readFileSync(keyFile) };
  const { generate } = await import('selfsigned');
  const altNames = hosts.map((host) => (isIP(host) ? { type: 7, ip: host } : { type: 2, value: host }));
  const pems = await generate([{ name: 'commonName', value: 'Fox Ladder' }], {
    keyType: 'ec',
    curve: 'P-256',
    algorithm: 'sha256',
    notAfterDate: new Date(Date.now() + GOOD_FOR_DAYS * DAY_MS),
    extensions: [
      { name: 'basicConstraints', cA: false },
      { name: 'keyUsage', digitalSignature: true },
      { name: 'extKeyUsage', serverAuth: true },
      { name: 'subjectAltName', altNames },
    ],
  });
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  writeFileSync(keyFile, pems.private, { mode: 0o600 });
  chmodSync(keyFile, 0o600);
  writeFileSync(certFile, pems.cert);
  return { cert: pems.cert, key: pems.private };
}

/**
 * The certificate and key that were asked for by FOX_LADDER_TLS_CERT and FOX_LADDER_TLS_KEY, or by FOX_LADDER_TLS=self.
 * @returns null where nobody asked for any
 * @throws with a sentence where a file can’t be read or is none
 */
export async function tlsOf(environment, dataFolder) {
  const { FOX_LADDER_TLS_CERT: certFile, FOX_LADDER_TLS_KEY: keyFile, FOX_LADDER_TLS, FOX_LADDER_HOSTS } = environment;
  const hosts = (FOX_LADDER_HOSTS ?? '').split(',').flatMap((name) => name.trim().toLowerCase() || []);
  // A door to other machines at which nobody signs in: whoever claims to ask for “localhost” would be let in
  if ((certFile || keyFile || FOX_LADDER_TLS) && hosts.length === 0)
    throw new Error('The secure door is for other machines: name the hosts that they ask for by FOX_LADDER_HOSTS.');
  let pair;
  if (certFile || keyFile) {
    if (!certFile || !keyFile)
      throw new Error('FOX_LADDER_TLS_CERT and FOX_LADDER_TLS_KEY go together: one is missing.');
    pair = { cert: readFileSync(certFile), key: readFileSync(keyFile) };
  } else if (FOX_LADDER_TLS === 'self')
    pair = await selfMade(path.join(dataFolder, 'tls'), ['localhost', '127.0.0.1', ...hosts]);
  else if (FOX_LADDER_TLS) throw new Error(`FOX_LADDER_TLS is “${FOX_LADDER_TLS}”: it may be “self”, or left out.`);
  else return null;
  return { ...pair, fingerprint: new X509Certificate(pair.cert).fingerprint256 };
}
