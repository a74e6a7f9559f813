/** The local day and time of an instant in an IANA zone, as `YYYY-MM-DD` and `HH:MM`; daylight saving counts. */
export function localTime(instant: Date, zone: string): { day: string; time: string } {
  const parts = new Intl.DateTimeFormat('en-CA', {
    timeZone: zone,
    year: 'numeric',
    month: '2-digit',
    day: '2-digit',
    hour: '2-digit',
    minute: '2-digit',
    hourCycle: 'h23',
  }).formatToParts(instant);
  const of = (type: string) => parts.find((part) => part.type === type)!.value;
  return { day: `${of('year')}-${of('month')}-${of('day')}`, time: `${of('hour')}:${of('minute')}` };
}
