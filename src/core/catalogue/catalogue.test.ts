import { describe, expect, it } from 'vitest';
import { CHIME_KINDS, TREATMENTS, likelyCoil, treatmentById, treatmentTasks, treatmentsFor } from '../chime';
import { magnitude } from '../circuit';
import { REGION_PACKS, regionPack } from '../region';
import { britain230 } from '../region/britain230';
import { northAmerica120 } from '../region/northAmerica120';
import { ORDINARY_BELL, foundBell } from '../wiring';
import { DEVICES, LASTING_STATES, deviceById } from './device';
import { SHIPPED_CATALOGUE, transformersIn } from './catalogue';
import { TRANSFORMERS } from './transformer';

describe('devices', () => {
  it.each(DEVICES.map((device) => [device.name, device] as const))('%s is consistent in itself', (_name, device) => {
    expect(device.doorMinVolts).toBeLessThan(device.doorFullVolts);
    expect(device.doorFullVolts).toBeLessThan(device.doorMaxVolts);
    expect(device.supplyNominalMin).toBeLessThanOrEqual(device.supplyNominalMax);
    expect(device.displacementFactor).toBeGreaterThanOrEqual(device.powerFactor);
    for (const state of LASTING_STATES) expect(device.watts[state]).toBeGreaterThan(0);
    for (const id of Object.keys(device.forbids)) expect(treatmentById(id)).toBeDefined();
    expect(deviceById(device.id)).toBe(device);
  });
  it('are not found under another name', () => {
    expect(deviceById('brand-x')).toBeUndefined();
  });
});

describe('transformers', () => {
  it('exist for each region, and a box on a mains circuit is mains work', () => {
    for (const { id } of REGION_PACKS) expect(transformersIn(SHIPPED_CATALOGUE, id).length).toBeGreaterThan(1);
    for (const item of TRANSFORMERS) expect(item.mainsWork).toBe(!item.name.includes('plug-in'));
  });
});

describe('treatments', () => {
  const found = foundBell(ORDINARY_BELL);
  const screwed = TREATMENTS.filter(({ kinds }) => kinds.includes('mechanical'));
  it('have a place in at least one kind of chime, and tasks whose ids are their own', () => {
    const owners = new Map<string, string>();
    for (const treatment of screwed) {
      expect(treatment.kinds.length).toBeGreaterThan(0);
      for (const { id } of treatmentTasks(treatment.id, found)) {
        if (id === 'chime-label') continue;
        expect(owners.get(id) ?? treatment.id).toBe(treatment.id);
        owners.set(id, treatment.id);
      }
    }
    expect(owners.size).toBeGreaterThan(15);
  });
  it('change wires only with the bell side dead', () => {
    for (const treatment of screwed)
      for (const { moves, touches } of treatmentTasks(treatment.id, found))
        if (moves.length > 0) expect(touches).toBe('bell');
  });
  it('leave something to do for every kind of chime, and a fuse link where it is usual', () => {
    for (const kind of CHIME_KINDS)
      for (const { id } of REGION_PACKS) expect(treatmentsFor(kind, id).length).toBeGreaterThan(0);
    expect(treatmentsFor('mechanical', 'gb-230').map(({ id }) => id)).toContain('fuseLink');
    expect(treatmentsFor('mechanical', 'na-120').map(({ id }) => id)).not.toContain('fuseLink');
    expect(treatmentsFor(null, 'na-120')).toEqual(treatmentsFor('mechanical', 'na-120'));
  });
});

describe('likely coil', () => {
  it('is 6 + j8 Ω at 60 Hz and 4 + j4.4 Ω at 50 Hz where nothing is printed', () => {
    expect(likelyCoil('mechanical', null, northAmerica120)).toEqual({ re: 6, im: 8 });
    expect(likelyCoil('mechanical', null, britain230)).toEqual({ re: 4, im: 4.4 });
  });
  it('is that of a like chime in the catalogue where one was named', () => {
    expect(likelyCoil('mechanical', { volts: 16, va: 10 }, northAmerica120, 6)).toEqual({ re: 6, im: 8 });
    expect(likelyCoil('electronic', null, northAmerica120, 6).re).toBe(400);
  });
  it('follows a printed rating: |Z| = V²/S, reactance in proportion to the frequency', () => {
    const coil = likelyCoil('mechanical', { volts: 16, va: 10 }, northAmerica120);
    expect(magnitude(coil)).toBeCloseTo(25.6, 9);
    expect(coil.im / coil.re).toBeCloseTo(4 / 3, 9);
    const slower = likelyCoil('mechanical', { volts: 16, va: 10 }, britain230);
    expect(magnitude(slower)).toBeCloseTo(25.6, 9);
    expect(slower.im / slower.re).toBeCloseTo((4 / 3) * (50 / 60), 9);
  });
});

describe('regions', () => {
  it('fall back to the first one for an unknown name', () => {
    expect(regionPack('gb-230')).toBe(britain230);
    expect(regionPack('atlantis').id).toBe('na-120');
    expect(regionPack(null).id).toBe('na-120');
  });
  it('swing round their nominal volts', () => {
    for (const { mains } of REGION_PACKS) {
      expect(mains.lowPercent).toBeLessThan(0);
      expect(mains.highPercent).toBeGreaterThan(0);
    }
  });
});
