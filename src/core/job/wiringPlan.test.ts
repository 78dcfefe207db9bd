import { describe, expect, it } from '@jest/globals';
import { touchesOf } from './wiringPlan';

describe('what a step touches', () => {
  it('take a step that nobody knows for mains', () => {
    expect(touchesOf('door-d1')).toBe('bell');
    expect(touchesOf('chime-label')).toBe('nothing');
    expect(touchesOf('invented')).toBe('mains');
  });
});
