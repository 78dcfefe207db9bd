import { describe, expect, it } from 'vitest';
import { SHIPPED_CATALOGUE } from '@/core/catalogue';
import { DEFAULT_SETTINGS } from './settings';
import { answer, isCatalogue, isKeptPhoto, isNumbered, isProblem, isSettings } from './answers';

const PORTAL = ['<html>sign in</html>', { ok: true }, [], null, 42, { entries: 'many' }, { entries: [{}] }];

describe('answers of the routes', () => {
  it('are believed where they are of their form', () => {
    expect(isNumbered({ entries: [{ id: 'a', seq: 3, receivedAt: 'x' }], last: 3 })).toBe(true);
    expect(isSettings(JSON.parse(JSON.stringify(DEFAULT_SETTINGS)))).toBe(true);
    expect(isCatalogue(JSON.parse(JSON.stringify(SHIPPED_CATALOGUE)))).toBe(true);
    expect(isKeptPhoto({ sha256: 'a', mediaType: 'image/jpeg', widthPx: 1, heightPx: 1, bytes: 9 })).toBe(true);
    expect(isProblem({ type: 'about:blank', title: 't', status: 422, detail: 'd', errors: [] })).toBe(true);
  });
  it.each([isNumbered, isSettings, isCatalogue, isKeptPhoto, isProblem])(
    'of a guest network’s page are believed by none: %p',
    (is) => {
      for (const body of PORTAL) expect(is(body)).toBe(false);
      expect(() => answer(is as (value: unknown) => value is unknown)(PORTAL[1])).toThrow(TypeError);
    },
  );
  it('need a number for each entry that was taken', () => {
    expect(isNumbered({ entries: [{ id: 'a', seq: 1 }, { id: 'b' }], last: 1 })).toBe(false);
    expect(isNumbered({ entries: [{ id: 'a', seq: 1 }] })).toBe(false);
  });
  it('know a setting by its schools', () => {
    const strange = { ...DEFAULT_SETTINGS, policy: { ...DEFAULT_SETTINGS.policy, bellSide: 'perhaps' } };
    expect(isSettings(strange)).toBe(false);
  });
});
