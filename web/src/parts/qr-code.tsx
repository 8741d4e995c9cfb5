import QRCode from 'qrcode';
import { useEffect, useState, type ReactNode } from 'react';

/**
 * A text as a square code for a phone's camera, dark on light in both themes so that every camera reads it.
 *
 * @example <QrCode text="http://192.168.1.4:4310/" label="Opens the session" />
 */
export function QrCode({ text, label, px = 220 }: { text: string; label: string; px?: number }): ReactNode {
  const [source, setSource] = useState<string | null>(null);
  useEffect(() => {
    let over = false;
    QRCode.toString(text, { type: 'svg', margin: 2, errorCorrectionLevel: 'M' }).then(
      (svg) => {
        if (!over) setSource(`data:image/svg+xml,${encodeURIComponent(svg)}`);
      },
      () => setSource(null),
    );
    return () => {
      over = true;
    };
  }, [text]);
  return source && <img src={source} alt={label} width={px} height={px} />;
}
