import { addDaysIso, addMonthsIso, dayIn, daysBetween, instantIn, isZone, timeIn } from './days.ts';

describe('a day in a zone', () => {
  // Offsets from the time zone database: London is UTC+1 in summer, Kolkata +5:30, St John's −2:30 in summer, Auckland +13 in summer.
  it.each([
    ['2026-05-07T23:30:00Z', 'Europe/London', '2026-05-08', '00:30'],
    ['2026-05-07T23:30:00Z', 'UTC', '2026-05-07', '23:30'],
    ['2028-02-28T18:30:00Z', 'Asia/Kolkata', '2028-02-29', '00:00'],
    ['2026-07-01T02:29:00Z', 'America/St_Johns', '2026-06-30', '23:59'],
    ['2026-12-31T10:59:00Z', 'Pacific/Auckland', '2026-12-31', '23:59'],
    ['2026-12-31T11:00:00Z', 'Pacific/Auckland', '2027-01-01', '00:00'],
  ])('%s in %s is on %s at %s', (instant, zone, day, time) => {
    expect([dayIn(instant, zone), timeIn(instant, zone)]).toEqual([day, time]);
  });

  it('and a time of it is the moment again, over both changes of the clock', () => {
    for (const zone of ['Europe/London', 'America/New_York', 'Australia/Lord_Howe', 'Asia/Kolkata'])
      for (let hour = 0; hour < 24 * 366; hour += 5) {
        const instant = new Date(Date.UTC(2027, 0, 1, hour)).toISOString();
        const back = instantIn(dayIn(instant, zone), timeIn(instant, zone), zone);
        // The hour that comes twice is taken once.
        expect([0, 30, 60]).toContain(Math.abs(Date.parse(back) - Date.parse(instant)) / 60_000);
        expect(timeIn(back, zone)).toBe(timeIn(instant, zone));
      }
  });

  it('a time the clock leaves out is the next there is', () => {
    // New York goes from 2 to 3 o'clock on 8 March 2026.
    expect(instantIn('2026-03-08', '2:30', 'America/New_York')).toBe('2026-03-08T07:30:00.000Z');
  });
});

describe('days as text', () => {
  it('go over the ends of months and leap days, whatever the zone of the machine', () => {
    expect(addDaysIso('2028-02-28', 1)).toBe('2028-02-29');
    expect(addDaysIso('2027-02-28T10:00:00Z', 1)).toBe('2027-03-01');
    expect(addDaysIso('2027-01-01', -1)).toBe('2026-12-31');
    expect(daysBetween('2028-02-28', '2028-03-01')).toBe(2);
    expect(daysBetween('2026-10-26', '2026-10-24')).toBe(-2);
  });

  it('counts months, the 31st of a shorter month as its last', () => {
    expect(addMonthsIso('2026-11-30', -24)).toBe('2024-11-30');
    expect(addMonthsIso('2026-03-31', -1)).toBe('2026-02-28');
    expect(addMonthsIso('2028-03-31T23:59:00Z', -1)).toBe('2028-02-29');
    expect(addMonthsIso('2026-10-31', 4)).toBe('2027-02-28');
  });

  it('only names of zones are zones', () => {
    expect(['Europe/London', 'UTC', 'Nowhere/Else', '', 5, null].map(isZone)).toEqual([
      true,
      true,
      false,
      false,
      false,
      false,
    ]);
  });
});
