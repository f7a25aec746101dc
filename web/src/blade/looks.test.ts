import { describe, expect, it } from 'vitest';
import { handleColour, hasReached, metalColour, steelLook } from './looks';

describe('how a piece looks', () => {
  it('is what its finish leaves of the flats once it is finished, and its stage before', () => {
    expect(steelLook('FINISHED', 'VALLEY_AND_PEAK')).toBe('dark');
    expect(steelLook('HANDED_OVER', 'HAND_SATIN')).toBe('satin');
    expect(steelLook('HARDENED', 'VALLEY_AND_PEAK')).toBe('hard');
    expect(steelLook('FINISHED', '')).toBe('satin');
  });

  it('has a colour for every material, and none where none is chosen', () => {
    expect(handleColour('ASH')).toMatch(/^#/);
    expect(handleColour('')).toBeUndefined();
    expect(metalColour('BRASS')).not.toBe(metalColour('COPPER'));
  });

  it('goes through its states in their order', () => {
    expect(hasReached('HANDLED', 'GUARDED')).toBe(true);
    expect(hasReached('PROFILED', 'HARDENED')).toBe(false);
  });
});
