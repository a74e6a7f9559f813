import { parseScaleReport } from './parseScaleReport.ts';
import type { Scale } from './Scale.ts';

/** Weighing devices among the points of sale. */
const USAGE_PAGE = 0x8d;

/** As much of WebHID as a scale needs; the platform's own types do not know it yet. */
interface HidDevice extends EventTarget {
  readonly productName: string;
  readonly opened: boolean;
  open(): Promise<void>;
}
interface Hid extends EventTarget {
  requestDevice(options: { filters: { usagePage: number }[] }): Promise<HidDevice[]>;
}
const hid = (): Hid | null => (navigator as Navigator & { hid?: Hid }).hid ?? null;

/** Whether this browser can talk to a scale at all. */
export const canAskForScale = (): boolean => hid() !== null;

/** Lets the person point out a scale that is plugged in; null when they do not. */
export async function askForScale(): Promise<Scale | null> {
  const [device] = (await hid()?.requestDevice({ filters: [{ usagePage: USAGE_PAGE }] })) ?? [];
  if (!device) return null;
  return {
    name: device.productName || 'scale',
    listen(tell) {
      const hear = (event: Event) => tell(parseScaleReport((event as Event & { data: DataView }).data));
      const gone = (event: Event) => (event as Event & { device?: HidDevice }).device === device && tell(null);
      device.addEventListener('inputreport', hear);
      hid()?.addEventListener('disconnect', gone);
      if (!device.opened) device.open().catch(() => tell(null));
      return () => {
        device.removeEventListener('inputreport', hear);
        hid()?.removeEventListener('disconnect', gone);
      };
    },
  };
}
