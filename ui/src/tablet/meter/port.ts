/** A way to a meter: bytes that come as text. A maker's own meter is one more of these. */
export interface MeterPort {
  /** What it is called until it says so itself. */
  readonly name: string;
  /** Hears it until it ends; asks for more by nothing, since a meter speaks when its button is pressed. */
  open: (heard: (text: string) => void, ended: () => void) => Promise<void>;
  close: () => Promise<void>;
}

export type Way = 'bluetooth' | 'serial' | 'simulated';

/** Ours, made up for the open line: no maker's. */
const SERVICE = '6c756d62-726f-4d01-8000-6d6574657200';
const LINE = '6c756d62-726f-4d01-8000-6d6574657201';

interface Characteristic extends EventTarget {
  readonly value?: DataView;
  startNotifications: () => Promise<unknown>;
}

interface BluetoothDevice extends EventTarget {
  readonly name?: string;
  readonly gatt?: {
    connect: () => Promise<{
      getPrimaryService: (
        service: string,
      ) => Promise<{ getCharacteristic: (one: string) => Promise<Characteristic> }>;
    }>;
    disconnect: () => void;
  };
}

interface SerialPort {
  open: (settings: { baudRate: number }) => Promise<void>;
  close: () => Promise<void>;
  readonly readable: ReadableStream<Uint8Array> | null;
}

interface Browser extends Navigator {
  readonly bluetooth?: {
    requestDevice: (wish: { filters: { services: string[] }[] }) => Promise<BluetoothDevice>;
  };
  readonly serial?: { requestPort: () => Promise<SerialPort> };
}

const BAUD = 9_600;

/** The ways that this browser has. */
export function waysHere(isPractice: boolean): Way[] {
  const browser = navigator as Browser;
  return [
    ...(browser.bluetooth === undefined ? [] : (['bluetooth'] as const)),
    ...(browser.serial === undefined ? [] : (['serial'] as const)),
    ...(isPractice ? (['simulated'] as const) : []),
  ];
}

/** Has the person choose a meter, in the browser's own dialog. */
export async function chosen(way: Way): Promise<MeterPort> {
  switch (way) {
    case 'bluetooth':
      return overBluetooth();
    case 'serial':
      return overSerial();
    case 'simulated':
      return simulated();
  }
}

async function overBluetooth(): Promise<MeterPort> {
  const device = await (navigator as Browser).bluetooth!.requestDevice({
    filters: [{ services: [SERVICE] }],
  });
  const decoder = new TextDecoder();
  return {
    name: device.name ?? '',
    open: async (heard, ended) => {
      const server = await device.gatt!.connect();
      const service = await server.getPrimaryService(SERVICE);
      const line = await service.getCharacteristic(LINE);
      line.addEventListener('characteristicvaluechanged', () => {
        if (line.value !== undefined) {
          heard(decoder.decode(line.value, { stream: true }));
        }
      });
      device.addEventListener('gattserverdisconnected', ended);
      await line.startNotifications();
    },
    close: () => {
      device.gatt?.disconnect();
      return Promise.resolve();
    },
  };
}

async function overSerial(): Promise<MeterPort> {
  const port = await (navigator as Browser).serial!.requestPort();
  let reader: ReadableStreamDefaultReader<Uint8Array> | null = null;
  return {
    name: '',
    open: async (heard, ended) => {
      await port.open({ baudRate: BAUD });
      const own = port.readable!.getReader();
      reader = own;
      const decoder = new TextDecoder();
      const listen = async () => {
        for (;;) {
          const { value, done } = await own.read();
          if (done) {
            break;
          }
          heard(decoder.decode(value, { stream: true }));
        }
      };
      void listen()
        .catch(() => undefined)
        .finally(ended);
    },
    close: async () => {
      await reader?.cancel();
      reader?.releaseLock();
      await port.close();
    },
  };
}

/** What the stand-in says when it is opened. */
const FIRST = 'N Stand-in\nB 100\n';

/** Stands in for a meter: whatever is sent to the page as “lumbro-meter” is what it says. */
function simulated(): MeterPort {
  let listen: ((event: Event) => void) | null = null;
  return {
    name: '',
    open: (heard) => {
      listen = (event) => heard(String((event as CustomEvent<string>).detail));
      window.addEventListener('lumbro-meter', listen);
      heard(FIRST);
      return Promise.resolve();
    },
    close: () => {
      if (listen !== null) {
        window.removeEventListener('lumbro-meter', listen);
      }
      return Promise.resolve();
    },
  };
}
