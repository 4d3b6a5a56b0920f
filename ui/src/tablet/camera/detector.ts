/** What a camera's picture holds, as far as this browser can read it: codes, and text where it has a reader for that. */
export interface PictureReader {
  read: (picture: HTMLVideoElement) => Promise<string[]>;
}

interface Detector {
  detect: (picture: HTMLVideoElement) => Promise<{ readonly rawValue: string }[]>;
}

type Detectors = typeof globalThis &
  Partial<Record<'BarcodeDetector' | 'TextDetector', new () => Detector>>;

/** Null where the browser reads no pictures, or gives no page its camera. */
export function pictureReader(): PictureReader | null {
  const { BarcodeDetector, TextDetector } = globalThis as Detectors;
  const kinds = [BarcodeDetector, TextDetector].filter((kind) => kind !== undefined);
  // Without TLS there are no media devices at all, whatever the types say.
  const media = navigator.mediaDevices as MediaDevices | undefined;
  if (kinds.length === 0 || media === undefined) {
    return null;
  }
  const detectors = kinds.map((Kind) => new Kind());
  return {
    read: async (picture) => {
      // One that fails in this browser leaves the others.
      const found = await Promise.all(detectors.map((one) => one.detect(picture).catch(() => [])));
      return found.flat().map(({ rawValue }) => rawValue.trim());
    },
  };
}

/** A vehicle identification number in what was read (ISO 3779): seventeen signs, none of them I, O or Q. */
export function vinIn(text: string): string | null {
  const signs = text.toUpperCase();
  // By itself between other words, or written in groups.
  for (const read of [signs, signs.replace(/[\s*-]/g, '')]) {
    const found = /(?<![A-Z0-9])[A-HJ-NPR-Z0-9]{17}(?![A-Z0-9])/.exec(read);
    if (found !== null) {
      return found[0];
    }
  }
  return null;
}

/** Anything that a label may say in one line. */
export function labelIn(text: string): string | null {
  const line = text.replace(/\s+/g, ' ').trim();
  return line.length >= 3 && line.length <= 120 ? line : null;
}
