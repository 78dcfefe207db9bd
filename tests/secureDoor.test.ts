import { describe, expect, it } from 'vitest';
import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';

/** What the start makes of its settings: the kind of certificate, nothing, or its sentence. */
function door(settings: Readonly<Record<string, string>>): string {
  const folder = mkdtempSync(path.join(tmpdir(), 'fox-ladder-door-'));
  const script = `const { tlsOf } = await import('./scripts/tls.mjs');
    console.log(await tlsOf(${JSON.stringify(settings)}, ${JSON.stringify(folder)})
      .then((tls) => (tls ? 'opened ' + tls.fingerprint.length : 'none'), ({ message }) => message));`;
  try {
    const done = spawnSync(process.execPath, ['--input-type=module', '-e', script], {
      env: { ...process.env, NODE_OPTIONS: '' },
    });
    return String(done.stdout).trim();
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}

describe('the secure door', () => {
  it('is opened where it was asked for and other hosts are named', () => {
    expect(door({})).toBe('none');
    expect(door({ FOX_LADDER_TLS: 'self', FOX_LADDER_HOSTS: 'firm.local' })).toBe('opened 95');
  });
  it('stays shut where nobody would have to sign in, or a setting is missing', () => {
    for (const hosts of ['', ' , '])
      expect(door({ FOX_LADDER_TLS: 'self', FOX_LADDER_HOSTS: hosts })).toContain('FOX_LADDER_HOSTS');
    expect(door({ FOX_LADDER_TLS_CERT: 'x.pem', FOX_LADDER_HOSTS: 'firm.local' })).toContain('go together');
    expect(door({ FOX_LADDER_TLS: 'yes', FOX_LADDER_HOSTS: 'firm.local' })).toContain('“self”');
  });
});
