import { describe, expect, it } from 'vitest';
import { expectedReport } from './expectedReport';

describe('the device’s own report', () => {
  it('follows from the volts at its screws', () => {
    expect(expectedReport(14.4, 14.5)).toBe('weak');
    expect(expectedReport(14.5, 14.5)).toBe('fair');
    // 1.1 · 14.5 = 15.95
    expect(expectedReport(15.9, 14.5)).toBe('fair');
    expect(expectedReport(16, 14.5)).toBe('good');
  });
});
