import { inWords } from '@/words';
import { sayBritish as say } from '@/words/forTests';
import { describe, expect, it } from 'vitest';
import { predictDbm, wifiChanges, wifiMeasured, wifiPredicted } from './wifi';

describe('Wi-Fi at the spot', () => {
  it('predicts by the log-distance law, by hand', () => {
    // 2.4 GHz: −32 at 1 m; 10 m is 27 dB less; one brick wall 8, one timber 4
    expect(predictDbm({ distanceM: 10, walls: ['brick', 'timber'], band: '2.4' })).toBeCloseTo(-71, 9);
    expect(predictDbm({ distanceM: 10, walls: ['brick', 'timber'], band: '5' })).toBeCloseTo(-79, 9);
    expect(predictDbm({ distanceM: 0.2, walls: [], band: '2.4' })).toBe(-32);
  });
  it('judges a reading by the limits of the trade', () => {
    expect(wifiMeasured([{ dbm: -60 }])?.word).toBe('good');
    expect(wifiMeasured([{ dbm: -67 }])?.word).toBe('workable');
    expect(wifiMeasured([{ dbm: -69 }])?.word).toBe('doubtful');
    expect(wifiMeasured([{ dbm: -74 }])?.word).toBe('extender');
    expect(wifiMeasured([])).toBeNull();
  });
  it('lets a slow uplink take a good signal down', () => {
    expect(wifiMeasured([{ dbm: -50, upMbit: 1.5 }])?.word).toBe('doubtful');
    expect(wifiMeasured([{ dbm: -50, upMbit: 0.6 }])?.word).toBe('extender');
    expect(wifiMeasured([{ dbm: -50, upMbit: 2 }])?.word).toBe('good');
  });
  it('takes the middle of several readings and asks for another after one', () => {
    expect(inWords(wifiMeasured([{ dbm: -58 }, { dbm: -80 }, { dbm: -64 }]), say)).toMatchObject({
      dbm: -64,
      word: 'workable',
    });
    expect(wifiMeasured([{ dbm: -58 }, { dbm: -64 }])?.dbm).toBe(-61);
    expect(say(wifiMeasured([{ dbm: -58 }])?.reason)).toMatch(/try again/);
  });
  it('says what a wall more and some metres less would change', () => {
    const changes = wifiChanges({ distanceM: 10, walls: ['concrete'], band: '5' }, -75);
    const by = (words: string) => changes.find((change) => say(change.words).startsWith(words));
    // 10 log law: 27·log10(10/9) = 1.235 dB
    expect(by('1.0 m nearer')?.gainDb).toBeCloseTo(27 * Math.log10(10 / 9), 9);
    expect(inWords(by('past the concrete'), say)).toMatchObject({ gainDb: 20, dbm: -55, word: 'good' });
    expect(by('one more timber')).toMatchObject({ gainDb: -4, dbm: -79 });
    expect(by('on 2.4')?.gainDb).toBe(8);
  });
  it('tells a prediction with its spread', () => {
    expect(wifiPredicted({ distanceM: 10, walls: ['brick'], band: '2.4' })).toMatchObject({
      dbm: -67,
      low: -75,
      high: -59,
    });
  });
});
