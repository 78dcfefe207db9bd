import { say } from '@/words/forTests';
import { describe, expect, it } from 'vitest';
import { startedLog } from '../job/forTests';
import { atCode, identityWorries, sameDevice, schemeName } from './identity';

/** A door and a light at one site, each with what its device says. */
function site() {
  const log = startedLog().write('pointAdded', { pointId: 'q', pointKind: 'floodlight', name: 'Yard' });
  const at = (id: string) => {
    const point = log.job.points.find((one) => one.id === id);
    if (!point) throw new Error(id);
    return point;
  };
  return { log, at, told: (id: string) => identityWorries(log.job, at(id)).map(({ words }) => say(words)) };
}

describe('which device hangs where', () => {
  it('finds a code or a serial number that stands at two points, however it was typed', () => {
    const { log, at, told } = site();
    log.write('deviceDescribed', { pointId: 'p', code: 'AB12 CD', serial: '77' });
    expect(sameDevice(log.job, at('p'))).toBeNull();
    log.write('deviceDescribed', { pointId: 'q', code: 'ab12cd' });
    expect(sameDevice(log.job, at('p'))?.id).toBe('q');
    expect(told('q').join()).toContain(`Its code is that of “${at('p').name}” too`);
    log.write('deviceDescribed', { pointId: 'q', code: 'other', serial: ' 77 ' });
    expect(sameDevice(log.job, at('q'))?.id).toBe('p');
    log.write('deviceDescribed', { pointId: 'q', serial: '78' });
    expect(told('q')).toEqual([]);
  });
  it('doubts a device that joined another Wi-Fi than the customer’s, however its name was typed', () => {
    const { log, told } = site();
    log.write('deviceDescribed', { pointId: 'q', network: 'Saltings guest' });
    expect(told('q')).toEqual([]);
    log.write('customerDescribed', { wifiName: 'saltings' });
    expect(told('q').join()).toContain('It joined “Saltings guest”, the customer’s Wi-Fi is “saltings”');
    log.write('deviceDescribed', { pointId: 'q', network: 'SALTINGS' });
    expect(told('q')).toEqual([]);
  });
  it('is read before it hangs, unless it carries none; once it hangs nobody asks', () => {
    const { log, at } = site();
    expect(say(atCode(at('p'))?.words)).toBe('Scan or photograph its code, before it goes on the wall');
    log.write('deviceDescribed', { pointId: 'p', codeReadBy: 'none' });
    expect(atCode(at('p'))).toBeNull();
    log
      .write('deviceDescribed', { pointId: 'p', codeReadBy: null })
      .write('mountRecorded', { pointId: 'p', heightM: 1.2 });
    expect(atCode(at('p'))).toBeNull();
  });
  it('keeps what was tried because it would not join, in that order; what is struck was not tried', () => {
    const { log, at } = site();
    log
      .write('pairingTried', { pointId: 'q', what: 'nearer' })
      .write('pairingTried', { pointId: 'q', what: 'otherBand' });
    expect(at('q').tried.map(({ what }) => what)).toEqual(['nearer', 'otherBand']);
    expect(at('p').tried).toEqual([]);
    const [first] = at('q').tried;
    log.write('entryStruck', { target: first?.entryId ?? '' });
    expect(at('q').tried.map(({ what }) => what)).toEqual(['otherBand']);
  });
  it('proposes a name by place and number that no other device of the site has', () => {
    const { log, at } = site();
    expect(schemeName(log.job, at('q'))).toBe('Yard 1');
    log.write('deviceDescribed', { pointId: 'p', calledThere: 'yard 1' });
    expect(schemeName(log.job, at('q'))).toBe('Yard 2');
  });
  it('tells a network that is weaker at the device than at the spot, too weak, or too slow', () => {
    const { log, told } = site();
    log.write('wifiRead', { pointId: 'q', dbm: -52 });
    log.write('deviceDescribed', { pointId: 'q', dbm: -59, upMbit: 6 });
    expect(told('q')).toEqual([]);
    log.write('deviceDescribed', { pointId: 'q', dbm: -63 });
    expect(told('q').join()).toContain('−63 dBm at the device, −52 dBm were found');
    log.write('deviceDescribed', { pointId: 'q', dbm: -74, upMbit: 1.2 });
    expect(told('q')).toHaveLength(2);
    expect(told('q').join()).toContain('an extender first');
    expect(told('q').join()).toContain('1.2 Mbit/s up at the device, 2 are wanted');
  });
});
