import { airOf, saturationPressurePa, standardPressureHpa, standardTemperatureC } from './air.ts';

describe('air', () => {
  // ISO 2533 (International Standard Atmosphere): altitude m, temperature °C, pressure hPa, density.
  it.each([
    [0, 15.0, 1013.25, 1.225],
    [1000, 8.5, 898.76, 1.1116],
    [2000, 2.0, 795.01, 1.0065],
    [3000, -4.49, 701.21, 0.90925],
  ])('at %d m is the standard atmosphere', (altitudeM, temperatureC, hPa, density) => {
    expect(standardTemperatureC(altitudeM)).toBeCloseTo(temperatureC, 1);
    expect(Math.abs(standardPressureHpa(altitudeM) - hPa)).toBeLessThan(0.5);
    const air = airOf({
      altitudeM,
      temperatureC: standardTemperatureC(altitudeM),
      pressureHpa: null,
      humidityPercent: 0,
    });
    expect(Math.abs(air.densityKgM3 - density)).toBeLessThan(0.0006);
  });

  it('has the viscosity of the standard atmosphere at sea level', () => {
    // ISO 2533: 1.7894·10⁻⁵ Pa·s at 15 °C.
    const { viscosityPaS } = airOf({
      temperatureC: 15,
      altitudeM: 0,
      pressureHpa: null,
      humidityPercent: 0,
    });
    expect(viscosityPaS * 1e5).toBeCloseTo(1.7894, 2);
  });

  it('holds the water vapour of the steam tables', () => {
    // Saturation pressure of water, CRC Handbook: 2339 Pa at 20 °C, 4246 Pa at 30 °C.
    expect(Math.abs(saturationPressurePa(293.15) - 2339)).toBeLessThan(8);
    expect(Math.abs(saturationPressurePa(303.15) - 4246)).toBeLessThan(15);
  });

  it('is lighter when humid, by about 1 % at 25 °C', () => {
    const at = (humidityPercent: number): number =>
      airOf({ temperatureC: 25, altitudeM: 0, pressureHpa: null, humidityPercent }).densityKgM3;
    expect(1 - at(100) / at(0)).toBeGreaterThan(0.008);
    expect(1 - at(100) / at(0)).toBeLessThan(0.016);
  });

  it('takes a station pressure over the altitude', () => {
    const given = airOf({
      temperatureC: 15,
      altitudeM: 2000,
      pressureHpa: 1013.25,
      humidityPercent: 0,
    });
    expect(given.densityKgM3).toBeCloseTo(1.225, 3);
  });
});
